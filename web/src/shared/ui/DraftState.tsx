import type { Outcome } from '../record';
import type { DraftInHand } from '../record';

/** Where what is typed is: on this screen, on this device, on its way, or refused and why. Stands beside the button that saves. */
export function DraftState({
  draft,
  outcome,
  what,
  onDrop,
}: {
  draft: DraftInHand;
  outcome: Outcome | null;
  what: string;
  onDrop?: () => void;
}) {
  const typed = draft.touched.length > 0;
  return (
    <div className="min-w-0 flex-1" aria-live="polite">
      {!draft.keeps && typed && (
        <p role="alert" className="caution font-semibold">
          This device cannot keep what you type: its storage is full or forbidden. Save before you leave this page.
        </p>
      )}
      {draft.refused && typed && <p className="font-semibold text-molten">{draft.refused}</p>}
      {outcome?.state === 'refused' && !typed && <p className="font-semibold text-molten">{outcome.problem.title}</p>}
      {outcome?.state === 'waiting' && draft.onItsWay && (
        <p className="font-semibold">
          {outcome.problem?.title ?? 'No connection.'} {what} is kept on this device and sent by itself as soon as that is possible.
        </p>
      )}
      {typed && draft.keeps && (
        <p className="flex flex-wrap items-center gap-x-3 text-soft">
          On this device, not yet in the notebook.
          {onDrop && (
            <button type="button" className="press press-quiet" onClick={onDrop}>
              Throw it away
            </button>
          )}
        </p>
      )}
    </div>
  );
}
