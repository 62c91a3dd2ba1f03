import { useQuery } from '@tanstack/react-query';
import type { Attempt, HeapLine } from '../../shared/api';
import type { DraftInHand } from '../../shared/record';
import { OfTheShelf, OfTheShelfDraft, useNamed } from '../things/index';
import { heapsQuery } from './queries';

/** Heaps that moulds of this process are made of; those that are not for it are left out. */
function useHeaps(process: string | null): HeapLine[] {
  const heaps = useQuery(heapsQuery).data?.heaps ?? [];
  return process === null ? [] : heaps.filter((heap) => heap.serves.includes(process));
}

const choicesOf = (heaps: HeapLine[]) => heaps.map((heap) => ({ code: heap.id, label: heap.name, hint: heap.kind_label }));

/** Which heap a mould is made of, and what it takes from it. */
export function MouldOf({ attempt }: { attempt: Attempt }) {
  const heaps = useHeaps(attempt.process);
  const named = useNamed(attempt, 'heap', attempt.sand);
  if (heaps.length === 0 && attempt.sand === null) return null;
  return (
    <OfTheShelf
      attempt={attempt}
      field="heap"
      title="Sand"
      label="Made of"
      choices={choicesOf(heaps)}
      stands={attempt.sand}
      {...named}
      to="/workshop/heaps"
      foot={
        attempt.state === 'planned'
          ? 'As the heap stands now; what you plan yourself goes before it.'
          : 'As the heap was that day; what you noted as made goes before it.'
      }
    />
  );
}

/** The same while a pour is logged. */
export function MouldOfDraft({ draft, process }: { draft: DraftInHand; process: string | null }) {
  const heaps = useHeaps(process);
  if (heaps.length === 0) return null;
  return <OfTheShelfDraft draft={draft} field="heap" label="Made of the heap" choices={choicesOf(heaps)} />;
}
