import { useState } from 'react';
import { useHandbook, type Choice, type Defect } from '../../shared/api';
import type { DraftInHand, Outcome, Plain } from '../../shared/record';
import { DraftState } from '../../shared/ui/DraftState';
import { PickMany, PickOne } from '../../shared/ui/Pegs';
import { Dialog } from '../../shared/ui/Dialog';
import { TextEntry } from '../../shared/ui/TextEntry';
import { DefectDrawing } from './DefectDrawing';

interface Props {
  open: boolean;
  onClose: () => void;
  /** Where the finding is written as it is said: its fields stand under "finding/". */
  draft: DraftInHand;
  title: string;
  /** What the last press says, and does. */
  done: string;
  onDone: () => void;
  busy?: boolean;
  outcome?: Outcome | null;
  /** The step of the inspection it is found at, unless the caster says otherwise. */
  shownAt?: string | null;
  /** Sections of the casting it may sit on. */
  sections?: readonly Choice[];
  /** How many castings the pour gave. */
  pieces?: number;
}

/** How a finding looks, asked part by part: of a wall several things may be so, of the rest one. */
const LOOKS = [
  { list: 'look_many', words: 'How many?' },
  { list: 'look_size', words: 'How large?' },
  { list: 'look_wall', words: 'Its wall?', many: true },
  { list: 'look_depth', words: 'How deep?' },
  { list: 'look_lies', words: 'How does it lie?' },
  { list: 'look_edges', words: 'Its edges?' },
] as const;
/** More pieces than these are not told apart by tapping. */
const MOST_PIECES = 24;

/** Records one defect: pick it from the drawings, then say where it sits, how it looks, when it showed and how bad it is. */
export function FindingForm({ open, onClose, title, ...body }: Props) {
  return (
    <Dialog open={open} onClose={onClose} title={title}>
      {open && <FindingBody {...body} />}
    </Dialog>
  );
}

function FindingBody({
  draft,
  done,
  onDone,
  busy = false,
  outcome = null,
  shownAt = null,
  sections = [],
  pieces = 1,
}: Omit<Props, 'open' | 'onClose' | 'title'>) {
  const handbook = useHandbook();
  const [another, setAnother] = useState(false);
  const text = (name: string) => wordsAt(draft, name);
  const list = (name: string) => handbook.choices[name] ?? [];
  const set = (name: string, raw: Plain) => draft.set(`finding/${name}`, raw);
  const defect = handbook.defects.find((row) => row.code === text('kind'));
  if (!defect || another)
    return (
      <Atlas
        onPick={(kind) => {
          set('kind', kind);
          if (shownAt && text('shown_at') === null) set('shown_at', shownAt);
          setAnother(false);
        }}
      />
    );
  const numbered = listAt(draft, 'places').some((place) => NUMBERED.includes(place));
  // The number says what is wrong with it where it stands, if it stands there.
  const faults = ['kind', 'places', 'looks', 'shown_at', 'severity', 'note', 'section', 'pieces', ...(numbered ? [] : ['number'])]
    .map((name) => draft.problem(`finding/${name}`))
    .filter((fault) => fault !== undefined);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        // The dialog may stand inside another form of React's tree, which must not be sent along.
        event.stopPropagation();
        onDone();
      }}
    >
      <div className="flex items-center gap-4 border-y border-ink py-3">
        <DefectDrawing kind={defect.code} width={96} />
        <div className="flex-1">
          <p className="figure text-xl">{defect.label}</p>
          <p className="text-soft">{defect.words}</p>
        </div>
        <button type="button" className="press press-quiet" onClick={() => setAnother(true)}>
          Another
        </button>
      </div>
      <div className="mt-4 grid gap-5">
        <Asked words="Where does it sit?">
          <PickMany
            label="Where it sits"
            choices={list('place')}
            value={listAt(draft, 'places')}
            onChange={(places) => set('places', places)}
          />
        </Asked>
        {sections.length > 1 && (
          <Asked words="On which section?">
            <PickOne label="On which section" choices={sections} value={text('section')} onChange={(section) => set('section', section)} />
          </Asked>
        )}
        {numbered && <WhichGate draft={draft} set={set} />}
        {pieces > 1 && pieces <= MOST_PIECES && (
          <Asked words="Which castings of this pour have it?">
            <PickMany
              label="Which castings"
              choices={Array.from({ length: pieces }, (_, i) => ({ code: String(i + 1), label: String(i + 1), hint: '' }))}
              value={numbersAt(draft, 'pieces').map(String)}
              onChange={(chosen) =>
                set(
                  'pieces',
                  chosen.map(Number).sort((a, b) => a - b),
                )
              }
            />
          </Asked>
        )}
        <div className="grid gap-x-8 gap-y-4 md:grid-cols-2">
          {LOOKS.map((part) => {
            const choices = list(part.list);
            const codes = choices.map((choice) => choice.code);
            const looks = listAt(draft, 'looks');
            const rest = looks.filter((code) => !codes.includes(code));
            const here = looks.filter((code) => codes.includes(code));
            // What was said once stays in sight, also of a fault that is seldom asked it.
            if (!defect.looks.includes(part.list) && here.length === 0) return null;
            return (
              <Asked key={part.list} words={part.words}>
                {'many' in part ? (
                  <PickMany label={part.words} choices={choices} value={here} onChange={(next) => set('looks', [...rest, ...next])} />
                ) : (
                  <PickOne
                    label={part.words}
                    choices={choices}
                    value={here[0] ?? null}
                    onChange={(next) => set('looks', next === null ? rest : [...rest, next])}
                  />
                )}
              </Asked>
            );
          })}
        </div>
        <div className="grid gap-5 md:grid-cols-2">
          <Asked words="When did it show?">
            <PickOne label="When it showed" choices={list('shown_at')} value={text('shown_at')} onChange={(at) => set('shown_at', at)} />
          </Asked>
          <Asked words="How bad is it for what it is meant to do?">
            <PickOne
              label="How bad"
              choices={list('severity')}
              value={text('severity')}
              onChange={(severity) => set('severity', severity)}
            />
          </Asked>
        </div>
        <label className="lettering">
          Note
          <input
            className="entry normal-case tracking-normal text-ink"
            value={text('note') ?? ''}
            onChange={(event) => set('note', event.target.value || null)}
          />
        </label>
        {faults.map((fault) => (
          <p key={fault} role="alert" className="font-semibold text-molten">
            {fault}
          </p>
        ))}
        <DraftState draft={draft} outcome={outcome} what="The finding" />
        <button type="submit" className="press press-molten justify-self-start px-8" disabled={busy}>
          {busy ? 'Saving' : done}
        </button>
      </div>
    </form>
  );
}

/** Places of which a mould has several, counted from the sprue. */
const NUMBERED: readonly string[] = ['near_gate', 'high_point', 'sprue_or_riser'];

function WhichGate({ draft, set }: { draft: DraftInHand; set: (name: string, raw: Plain) => void }) {
  const raw = draft.at('finding/number')?.raw;
  return (
    <TextEntry
      label="Number of the gate or vent, counted from the sprue"
      inputMode="numeric"
      value={typeof raw === 'number' || typeof raw === 'string' ? String(raw) : ''}
      error={draft.problem('finding/number')}
      onChange={(event) => {
        const typed = event.target.value.trim();
        // Whole numbers go as such; what is none is sent as it stands and refused there.
        set('number', typed === '' ? null : /^\d{1,4}$/.test(typed) ? Number(typed) : typed);
      }}
    />
  );
}

function numbersAt(draft: DraftInHand, name: string): number[] {
  const raw = draft.at(`finding/${name}`)?.raw;
  return Array.isArray(raw) ? raw.filter((number) => typeof number === 'number') : [];
}

function wordsAt(draft: DraftInHand, name: string): string | null {
  const stands = draft.at(`finding/${name}`);
  return typeof stands?.raw === 'string' ? stands.raw : null;
}

function listAt(draft: DraftInHand, name: string): string[] {
  const raw = draft.at(`finding/${name}`)?.raw;
  return Array.isArray(raw) ? raw.filter((code) => typeof code === 'string') : [];
}

function Asked({ words, children }: { words: string; children: React.ReactNode }) {
  return (
    <fieldset>
      <legend className="lettering mb-1">{words}</legend>
      {children}
    </fieldset>
  );
}

/** All drawings, class by class; one letter jumps to its class. */
function Atlas({ onPick }: { onPick: (kind: string) => void }) {
  const handbook = useHandbook();
  const [words, setWords] = useState('');
  const wanted = (defect: Defect) => words === '' || `${defect.label} ${defect.words}`.toLowerCase().includes(words.toLowerCase());
  return (
    <div>
      <label className="lettering">
        Find by word
        <input
          className="entry normal-case tracking-normal text-ink"
          value={words}
          onChange={(event) => setWords(event.target.value)}
          placeholder="hole, crack, rough…"
        />
      </label>
      {Object.entries(handbook.classes).map(([letter, label]) => {
        const defects = handbook.defects.filter((defect) => defect.class === letter && wanted(defect));
        if (defects.length === 0) return null;
        return (
          <section key={letter} className="mt-5" aria-label={label}>
            <h3 className="rule flex items-baseline gap-3 pt-1">
              <span className="figure text-2xl">{letter}</span> {label}
            </h3>
            <ul className="mt-1 grid grid-cols-2 sm:grid-cols-4 lg:grid-cols-6">
              {defects.map((defect) => (
                <li key={defect.code} className="border-r border-b border-hair">
                  <button
                    type="button"
                    className="flex h-full w-full flex-col items-center gap-1 p-2 hover:bg-wash"
                    onClick={() => onPick(defect.code)}
                    title={defect.words}
                  >
                    <DefectDrawing kind={defect.code} />
                    <span className="font-narrow leading-tight font-medium">{defect.label}</span>
                  </button>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
    </div>
  );
}
