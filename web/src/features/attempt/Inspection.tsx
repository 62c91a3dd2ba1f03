import { SoundPegs } from '../findings/index';
import { defectWords, useHandbook, type Attempt, type Handbook } from '../../shared/api';
import { useChange, useComing, type Plain } from '../../shared/record';
import { PickOne } from '../../shared/ui/Pegs';
import { Pressed } from '../../shared/ui/Pressed';
import { useSaving } from '../../shared/ui/useSaving';
import { nameOf } from './model';

/**
 * The inspection, step by step as the casting comes out: what showed at each step, and what was looked at there and is sound. It can be
 * left and gone on with later; the verdict is at hand throughout.
 */
export function Inspection({ attempt, onFind }: { attempt: Attempt; onFind: (step: string) => void }) {
  const handbook = useHandbook();
  const change = useChange();
  const { busy, outcome, run } = useSaving();
  const coming = useComing(attempt.id, 'verdict');
  if (attempt.state === 'planned') return null;
  const verdict = coming === undefined ? attempt.verdict : typeof coming === 'string' ? coming : null;
  const set = (label: string, field: string, was: Plain, to: Plain) =>
    void run(() =>
      change({
        label: `${nameOf(attempt)}: ${label}`,
        path: `/attempts/${attempt.id}`,
        changes: [{ part: 'attempt', id: attempt.id, set: { [field]: { was, to } } }],
      }),
    );
  return (
    <section className="rule mt-4 pt-3" aria-label="Inspection" id="inspection">
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <h2 className="text-lg">{attempt.state === 'poured' ? 'How did it come out?' : 'Verdict'}</h2>
        <PickOne
          label="Verdict"
          choices={handbook.choices['verdict'] ?? []}
          value={verdict}
          onChange={(next) => set('verdict', 'verdict', verdict, next)}
        />
      </div>
      <Pressed outcome={outcome} />
      {attempt.state === 'poured' && <p className="mt-1 text-soft">Good enough for what it is for counts.</p>}
      <details className="mt-2" open={attempt.state === 'poured' || undefined}>
        <summary className="press press-quiet -ml-2 cursor-pointer">{lookedAt(attempt, handbook)}</summary>
        <ol className="mt-1">
          {(handbook.choices['shown_at'] ?? []).map((step) => {
            const found = attempt.findings.filter((finding) => finding.shown_at === step.code);
            const sound = handbook.observations.filter((row) => row.step === step.code);
            return (
              <li key={step.code} className="hairline grid gap-x-6 gap-y-1 py-2 md:grid-cols-[9.5rem_1fr_auto] md:items-center">
                <h3 className="lettering text-ink">{step.label}</h3>
                <div className="flex flex-wrap items-center gap-2" role="group" aria-label={`${step.label}: found sound`}>
                  {found.map((finding) => (
                    <strong key={finding.id} className="mr-2">
                      {defectWords(handbook, finding.kind)}
                    </strong>
                  ))}
                  <SoundPegs
                    rows={sound}
                    seen={attempt.observations}
                    busy={busy}
                    onTap={(row, was) => set(row.label.toLowerCase(), `observations.${row.code}`, was ? true : null, was ? null : true)}
                  />
                </div>
                <button type="button" className="press press-quiet -ml-2 justify-self-start" onClick={() => onFind(step.code)}>
                  Something is wrong <span className="sr-only">{step.label.toLowerCase()}</span>
                </button>
              </li>
            );
          })}
        </ol>
        <p className="mt-1 text-soft">What was not looked at says nothing; leave it.</p>
      </details>
    </section>
  );
}

/** How far the inspection has come, in words. */
function lookedAt(attempt: Attempt, handbook: Handbook): string {
  const steps = new Set<string>();
  for (const row of handbook.observations) if (row.step && attempt.observations.includes(row.code)) steps.add(row.step);
  for (const finding of attempt.findings) if (finding.shown_at) steps.add(finding.shown_at);
  return steps.size === 0 ? 'Inspect it, step by step' : `Inspected at ${steps.size} of ${handbook.choices['shown_at']?.length ?? 0} steps`;
}
