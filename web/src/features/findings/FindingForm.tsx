import { useState } from 'react';
import { useHandbook, type Defect } from '../../shared/api';
import type { DraftInHand, Outcome, Plain } from '../../shared/record';
import { DraftState } from '../../shared/ui/DraftState';
import { PickMany, PickOne } from '../../shared/ui/Pegs';
import { Dialog } from '../../shared/ui/Dialog';
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
}

/** Records one defect: pick it from the drawings, then say where it sits, how it looks, when it showed and how bad it is. */
export function FindingForm({ open, onClose, title, ...body }: Props) {
  return (
    <Dialog open={open} onClose={onClose} title={title}>
      {open && <FindingBody {...body} />}
    </Dialog>
  );
}

function FindingBody({ draft, done, onDone, busy = false, outcome = null }: Omit<Props, 'open' | 'onClose' | 'title'>) {
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
          setAnother(false);
        }}
      />
    );
  const faults = ['kind', 'places', 'looks', 'shown_at', 'severity', 'note']
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
        <Asked words="How does it look?">
          <PickMany label="How it looks" choices={list('look')} value={listAt(draft, 'looks')} onChange={(looks) => set('looks', looks)} />
        </Asked>
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
