import { useEffect, useRef, useState } from 'react';
import type { DraftInHand, Outcome } from '../record';

/** Whether it is out of the caster's hands: in the notebook, or kept on this device and on its way. */
export const isKept = (outcome: Outcome | null) => outcome?.state === 'done' || outcome?.state === 'waiting';

/** Runs a save and says how it stands. It is over as soon as the notebook has it or it is known to wait: never "saving" for ever. */
export function useSaving() {
  const [busy, setBusy] = useState(false);
  const [outcome, setOutcome] = useState<Outcome | null>(null);
  const run = async (save: () => Promise<Outcome | null>): Promise<Outcome | null> => {
    setBusy(true);
    setOutcome(null);
    try {
      const next = await save();
      setOutcome(next);
      return next;
    } finally {
      setBusy(false);
    }
  };
  return { busy, outcome, run };
}

/** Goes on once what had to wait, or to be chosen, is in the notebook after all. */
export function useArrived(draft: DraftInHand, outcome: Outcome | null, go: () => void): void {
  const waited = outcome?.state === 'waiting' || outcome?.state === 'clash';
  const arrived = waited && !draft.onItsWay && draft.touched.length === 0;
  const latest = useRef(go);
  useEffect(() => {
    latest.current = go;
  });
  useEffect(() => {
    if (arrived) latest.current();
  }, [arrived]);
}
