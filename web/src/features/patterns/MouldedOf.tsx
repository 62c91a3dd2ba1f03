import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { useHandbook, type Attempt, type PatternLine } from '../../shared/api';
import { useChange, useComing, type DraftInHand } from '../../shared/record';
import { PickOne } from '../../shared/ui/Pegs';
import { Pressed } from '../../shared/ui/Pressed';
import { StandingMark } from '../../shared/ui/StandingMark';
import { useSaving } from '../../shared/ui/useSaving';
import { usesWords } from './model';
import { patternsQuery } from './queries';

/** Patterns and moulds for this process, and the one that is named whatever it is for. */
function usePatterns(process: string | null, chosen: string | null): PatternLine[] {
  const patterns = useQuery(patternsQuery).data?.patterns ?? [];
  return patterns.filter((one) => one.id === chosen || ((process === null || one.serves.includes(process)) && !one.is_out));
}

const choicesOf = (patterns: PatternLine[]) => patterns.map((one) => ({ code: one.id, label: one.name, hint: usesWords(one) }));

/** Which pattern a mould is made of, or which mould is poured again: on an attempt that is looked at. */
export function MouldedOf({ attempt }: { attempt: Attempt }) {
  const coming = useComing(attempt.id, 'pattern');
  const chosen = coming === undefined ? (attempt.pattern?.id ?? null) : typeof coming === 'string' ? coming : null;
  const patterns = usePatterns(attempt.process, chosen);
  const fields = useHandbook().fields;
  const change = useChange();
  const { outcome, run } = useSaving();
  if (patterns.length === 0) return null;
  const pattern = attempt.pattern?.id === chosen ? attempt.pattern : null;
  return (
    <section className="mt-8" aria-label="Pattern or mould">
      <h2 className="border-b-[3px] border-double border-ink pb-1">Pattern or mould</h2>
      <fieldset className="mt-2">
        <legend className="lettering mb-1">Moulded from, or poured into</legend>
        <PickOne
          label="Moulded from, or poured into"
          choices={choicesOf(patterns)}
          value={chosen}
          onChange={(next) =>
            void run(() =>
              change({
                label: `${attempt.casting_name}, no. ${attempt.number}: its pattern`,
                path: `/attempts/${attempt.id}`,
                changes: [{ part: 'attempt', id: attempt.id, set: { pattern: { was: attempt.pattern?.id ?? null, to: next } } }],
              }),
            )
          }
        />
      </fieldset>
      <Pressed outcome={outcome} />
      {pattern && (
        <>
          <p className="mt-2 flex gap-2">
            <StandingMark standing={pattern.standing} />
            <span>
              {pattern.sentence} <Link to={`/workshop/patterns/${pattern.id}`}>{pattern.name}</Link>
            </span>
          </p>
          {Object.keys(pattern.values).length > 0 && (
            <dl className="mt-1 flex flex-wrap gap-x-6 gap-y-1">
              {Object.entries(pattern.values).map(([key, value]) => (
                <div key={key} className="flex gap-2">
                  <dt className="text-soft">{fields.find((field) => field.key === key)?.label ?? key}</dt>
                  <dd className="figure">{value.shown}</dd>
                </div>
              ))}
            </dl>
          )}
        </>
      )}
    </section>
  );
}

/** The same while a pour is logged: one press, in the draft. */
export function MouldedOfDraft({ draft, process }: { draft: DraftInHand; process: string | null }) {
  const chosen = draft.at('attempt/pattern')?.raw;
  const patterns = usePatterns(process, typeof chosen === 'string' ? chosen : null);
  if (patterns.length === 0 || process === null) return null;
  return (
    <fieldset className="mb-4">
      <legend className="lettering mb-1">Moulded from, or poured into</legend>
      <PickOne
        label="Moulded from, or poured into"
        choices={choicesOf(patterns)}
        value={typeof chosen === 'string' ? chosen : null}
        onChange={(next) => draft.set('attempt/pattern', next, patterns.find((one) => one.id === next)?.name ?? '')}
      />
    </fieldset>
  );
}
