import { useState } from 'react';
import { isKept } from '../../shared/ui/useSaving';
import type { Moves } from './useMoves';

/** A press that writes down what was worked out, once: pressed again by mistake it would have gone into the pot twice. */
export function Once({
  of,
  words,
  busy,
  write,
}: {
  /** What was worked out; another one may be pressed again. */
  of: object;
  words: string;
  busy: boolean;
  write: () => ReturnType<Moves['charge']>;
}) {
  const [written, setWritten] = useState<object | null>(null);
  if (written === of)
    return (
      <p className="mt-1 py-3" role="status">
        Written down, under what is in the pot.
      </p>
    );
  return (
    <button
      type="button"
      className="press mt-1 min-h-14"
      disabled={busy}
      onClick={() =>
        void write().then((done) => {
          if (isKept(done)) setWritten(of);
        })
      }
    >
      {words}
    </button>
  );
}
