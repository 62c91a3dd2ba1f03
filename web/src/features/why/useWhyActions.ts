import type { Attempt, Why } from '../../shared/api';
import { useChange } from '../../shared/record';
import { useSaving } from '../../shared/ui/useSaving';

type Answer = 'yes' | 'no' | 'unclear' | null;
type Opinion = 'confirmed' | 'suspected' | 'ruled_out' | null;

/** Answers to checks and opinions of causes: fields of the attempt, after each of which the causes are ranked anew. */
export function useWhyActions(attempt: Attempt, why: Why) {
  const change = useChange();
  const { busy, outcome, run } = useSaving();
  const set = (field: string, was: Told, to: Told) =>
    void run(() =>
      change({
        label: `${attempt.casting_name}, no. ${attempt.number}: why`,
        path: `/attempts/${attempt.id}/why`,
        changes: [{ part: 'attempt', id: attempt.id, set: { [field]: { was: plain(was), to: plain(to) } } }],
      }),
    );
  return {
    busy,
    outcome,
    notice: (code: string, was: boolean) => set(`observations.${code}`, was ? true : null, was ? null : true),
    answer: (check: string, answer: Answer) =>
      set(`answers.${check}`, why.answers.find((row) => row.check === check)?.answer ?? null, answer),
    opinion: (cause: string, opinion: Opinion, sure: string | null = why.opinions[cause]?.sure ?? null) =>
      set(
        `opinions.${cause}`,
        why.opinions[cause] ?? null,
        opinion === null ? null : { opinion, note: why.opinions[cause]?.note ?? null, sure },
      ),
    compare: (was: string | null, to: string | null) => set('beside', was, to),
    keep: (field: string, was: boolean) => set(`kept.${field}`, was ? true : null, was ? null : true),
  };
}

type Told = string | boolean | { opinion: string; note: string | null; sure: string | null } | null;

function plain(value: Told) {
  return value === null || typeof value !== 'object' ? value : { opinion: value.opinion, note: value.note, sure: value.sure };
}
