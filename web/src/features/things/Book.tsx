import { clockWords } from '../../shared/day';
import { useChange } from '../../shared/record';
import { Pressed } from '../../shared/ui/Pressed';
import { useSaving } from '../../shared/ui/useSaving';

interface Line {
  id: string;
  kind: string;
  title: string;
  at: number;
  unreadable: string[];
}

/** The book of a thing, the latest line first; each may be taken out, and lies in the bin then. */
export function Book<L extends Line>({
  lines,
  of,
  path,
  words,
  beside,
  empty,
}: {
  lines: readonly L[];
  /** What the thing is called. */
  of: string;
  path: string;
  /** What a line says. */
  words: (line: L) => React.ReactNode;
  /** What stands beside its title. */
  beside?: (line: L) => React.ReactNode;
  /** What is said while there is none; without it the book is left out. */
  empty?: string;
}) {
  const change = useChange();
  const { outcome, run } = useSaving();
  if (lines.length === 0 && empty === undefined) return null;
  return (
    <section className="mt-8" aria-label="Book">
      <h2 className="double-ruled">Book</h2>
      {lines.length === 0 && <p className="mt-2 text-soft">{empty}</p>}
      <ul className="mt-1">
        {lines.map((line) => (
          <li key={line.id} className="hairline flex flex-wrap items-start justify-between gap-3 py-2" data-entry={line.kind}>
            <div>
              <p>
                <span className="font-semibold">{line.title}</span> {beside?.(line)}{' '}
                <span className="text-soft">{clockWords(line.at)}</span>
              </p>
              <p>{words(line)}</p>
              {line.unreadable.length > 0 && <p className="text-soft">No longer understood, and kept: {line.unreadable.join(' ')}</p>}
            </div>
            <button
              type="button"
              className="press press-quiet text-sm"
              onClick={() =>
                void run(() =>
                  change({
                    label: `${line.title}, ${of}`,
                    path,
                    changes: [{ part: 'movement', id: line.id, set: { binned: { was: false, to: true } } }],
                  }),
                )
              }
            >
              Take out <span className="sr-only">{clockWords(line.at)}</span>
            </button>
          </li>
        ))}
      </ul>
      <Pressed outcome={outcome} />
    </section>
  );
}
