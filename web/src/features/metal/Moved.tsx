import { Link } from 'react-router';
import type { Charge } from '../../shared/api';
import type { Moves } from './useMoves';

/** Lines of a charge, into the pot or out of it; a slip of the pen is taken out. */
export function Moved({ lines, moves }: { lines: Charge['lines']; moves: Moves }) {
  return (
    <ul className="mt-1">
      {lines.map((line) => (
        <li key={line.id} className="hairline flex flex-wrap items-center gap-x-4 py-1" data-moved={line.lot}>
          <Link to={`/workshop/metal/${line.lot_id}`} className="min-w-44 py-2 font-semibold">
            {line.lot}
          </Link>
          <span className="figure text-lg">{line.shown}</span>
          <span className="text-sm text-soft">{line.words}</span>
          <button
            type="button"
            className="press press-quiet ml-auto text-sm"
            disabled={moves.busy}
            onClick={() => void moves.takeOut(line.id)}
          >
            Take out <span className="sr-only">{line.lot}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
