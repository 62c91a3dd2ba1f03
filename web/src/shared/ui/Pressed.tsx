import type { Outcome } from '../record';

/** How a press that changes the notebook stands, where it did not simply go through. */
export function Pressed({ outcome }: { outcome: Outcome | null }) {
  if (outcome?.state === 'refused')
    return (
      <p role="alert" className="font-semibold text-molten">
        {outcome.problem.problems[0]?.message ?? outcome.problem.title}
      </p>
    );
  if (outcome?.state === 'waiting')
    return (
      <p role="status" className="font-semibold">
        {outcome.problem?.title ?? 'No connection.'} It is kept on this device and sent by itself as soon as that is possible.
      </p>
    );
  return null;
}
