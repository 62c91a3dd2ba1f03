import { useState } from 'react';
import { useHandbook, type Defect, type FindingEntry } from '../../shared/api';
import { PickMany, PickOne } from '../../shared/ui/Pegs';
import { Dialog } from '../../shared/ui/Dialog';
import { DefectDrawing } from './DefectDrawing';

interface Props {
  open: boolean;
  onClose: () => void;
  onSave: (finding: FindingEntry) => void;
  start?: FindingEntry | undefined;
  error?: string | undefined;
  busy?: boolean;
}

/** Records one defect: pick it from the drawings, then say where it sits, how it looks, when it showed and how bad it is. */
export function FindingForm({ open, onClose, onSave, start, error, busy }: Props) {
  return (
    <Dialog open={open} onClose={onClose} title={start ? 'Change the finding' : 'What is wrong with it?'}>
      {open && <FindingBody start={start} onSave={onSave} error={error} busy={busy ?? false} />}
    </Dialog>
  );
}

function FindingBody({ start, onSave, error, busy }: { start: FindingEntry | undefined; onSave: Props['onSave']; error: string | undefined; busy: boolean }) {
  const handbook = useHandbook();
  const [finding, setFinding] = useState<FindingEntry | null>(start ?? null);
  const defect = handbook.defects.find((row) => row.code === finding?.kind);
  if (!finding || !defect) return <Atlas onPick={(kind) => setFinding({ kind, places: [], looks: [], shown_at: null, severity: null, note: null })} />;
  const set = (change: Partial<FindingEntry>) => setFinding({ ...finding, ...change });
  const list = (name: string) => handbook.choices[name] ?? [];
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        // The dialog may stand inside another form of React's tree, which must not be sent along.
        event.stopPropagation();
        onSave(finding);
      }}
    >
      <div className="flex items-center gap-4 border-y border-ink py-3">
        <DefectDrawing kind={defect.code} width={96} />
        <div className="flex-1">
          <p className="figure text-xl">{defect.label}</p>
          <p className="text-soft">{defect.words}</p>
        </div>
        <button type="button" className="press press-quiet" onClick={() => setFinding(null)}>
          Another
        </button>
      </div>
      <div className="mt-4 grid gap-5">
        <Asked words="Where does it sit?">
          <PickMany label="Where it sits" choices={list('place')} value={finding.places ?? []} onChange={(places) => set({ places })} />
        </Asked>
        <Asked words="How does it look?">
          <PickMany label="How it looks" choices={list('look')} value={finding.looks ?? []} onChange={(looks) => set({ looks })} />
        </Asked>
        <div className="grid gap-5 md:grid-cols-2">
          <Asked words="When did it show?">
            <PickOne label="When it showed" choices={list('shown_at')} value={finding.shown_at ?? null} onChange={(shown_at) => set({ shown_at })} />
          </Asked>
          <Asked words="How bad is it for what it is meant to do?">
            <PickOne
              label="How bad"
              choices={list('severity')}
              value={finding.severity ?? null}
              onChange={(severity) => set({ severity: severity as NonNullable<FindingEntry['severity']> | null })}
            />
          </Asked>
        </div>
        <label className="lettering">
          Note
          <input className="entry normal-case tracking-normal text-ink" value={finding.note ?? ''} onChange={(event) => set({ note: event.target.value || null })} />
        </label>
        {error && (
          <p role="alert" className="font-semibold text-molten">
            {error}
          </p>
        )}
        <button type="submit" className="press press-molten justify-self-start px-8" disabled={busy}>
          {start ? 'Save the finding' : 'Add the finding'}
        </button>
      </div>
    </form>
  );
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
        <input className="entry normal-case tracking-normal text-ink" value={words} onChange={(event) => setWords(event.target.value)} placeholder="hole, crack, rough…" />
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
                  <button type="button" className="flex h-full w-full flex-col items-center gap-1 p-2 hover:bg-wash" onClick={() => onPick(defect.code)} title={defect.words}>
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
