import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { useHandbook, type Attempt, type HeapLine } from '../../shared/api';
import { useChange, useComing, type DraftInHand } from '../../shared/record';
import { PickOne } from '../../shared/ui/Pegs';
import { Pressed } from '../../shared/ui/Pressed';
import { StandingMark } from '../../shared/ui/StandingMark';
import { useSaving } from '../../shared/ui/useSaving';
import { heapsQuery } from './queries';

/** Heaps that moulds of this process are made of; those that are not for it are left out. */
function useHeaps(process: string | null): HeapLine[] {
  const heaps = useQuery(heapsQuery).data?.heaps ?? [];
  return process === null ? [] : heaps.filter((heap) => heap.serves.includes(process));
}

const choicesOf = (heaps: HeapLine[]) => heaps.map((heap) => ({ code: heap.id, label: heap.name, hint: heap.kind_label }));

/** Which heap a mould is made of, and what it takes from it: on an attempt that is looked at. */
export function MouldOf({ attempt }: { attempt: Attempt }) {
  const heaps = useHeaps(attempt.process);
  const fields = useHandbook().fields;
  const change = useChange();
  const coming = useComing(attempt.id, 'heap');
  const { outcome, run } = useSaving();
  if (heaps.length === 0 && attempt.sand === null) return null;
  const chosen = coming === undefined ? (attempt.sand?.id ?? null) : typeof coming === 'string' ? coming : null;
  const sand = attempt.sand?.id === chosen ? attempt.sand : null;
  return (
    <section className="mt-8" aria-label="Sand">
      <h2 className="border-b-[3px] border-double border-ink pb-1">Sand</h2>
      <fieldset className="mt-2">
        <legend className="lettering mb-1">Made of</legend>
        <PickOne
          label="Made of"
          choices={choicesOf(heaps)}
          value={chosen}
          onChange={(next) =>
            void run(() =>
              change({
                label: `${attempt.casting_name}, no. ${attempt.number}: its sand`,
                path: `/attempts/${attempt.id}`,
                changes: [{ part: 'attempt', id: attempt.id, set: { heap: { was: attempt.sand?.id ?? null, to: next } } }],
              }),
            )
          }
        />
      </fieldset>
      <Pressed outcome={outcome} />
      {sand && (
        <>
          <p className="mt-2 flex gap-2">
            <StandingMark standing={sand.standing} />
            <span>
              {sand.sentence} <Link to={`/workshop/heaps/${sand.id}`}>{sand.name}</Link>
            </span>
          </p>
          {Object.keys(sand.values).length > 0 && (
            <dl className="mt-1 flex flex-wrap gap-x-6 gap-y-1">
              {Object.entries(sand.values).map(([key, value]) => (
                <div key={key} className="flex gap-2">
                  <dt className="text-soft">{fields.find((field) => field.key === key)?.label ?? key}</dt>
                  <dd className="figure">{value.shown}</dd>
                </div>
              ))}
            </dl>
          )}
          <p className="mt-1 text-sm text-soft">
            {attempt.state === 'planned'
              ? 'As the heap stands now; what you plan yourself goes before it.'
              : 'As the heap was that day; what you noted as made goes before it.'}
          </p>
        </>
      )}
    </section>
  );
}

/** The same while a pour is logged: one press, in the draft. */
export function MouldOfDraft({ draft, process }: { draft: DraftInHand; process: string | null }) {
  const heaps = useHeaps(process);
  if (heaps.length === 0) return null;
  const chosen = draft.at('attempt/heap')?.raw;
  return (
    <fieldset className="mb-4">
      <legend className="lettering mb-1">Made of the heap</legend>
      <PickOne
        label="Made of the heap"
        choices={choicesOf(heaps)}
        value={typeof chosen === 'string' ? chosen : null}
        onChange={(next) => draft.set('attempt/heap', next, heaps.find((heap) => heap.id === next)?.name ?? '')}
      />
    </fieldset>
  );
}
