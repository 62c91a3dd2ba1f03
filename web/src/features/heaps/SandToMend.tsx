import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { StandingMark } from '../../shared/ui/StandingMark';
import { heapsQuery } from './queries';

/** Heaps that want something before they are moulded of; nothing where all of them are well or unknown. */
export function SandToMend() {
  const heaps = (useQuery(heapsQuery).data?.heaps ?? []).filter((heap) => heap.standing === 'bad' || heap.standing === 'risky');
  if (heaps.length === 0) return null;
  return (
    <section className="mt-8" aria-label="Sand that wants something">
      <h2 className="border-b-[3px] border-double border-ink pb-1">Sand</h2>
      <ul>
        {heaps.map((heap) => (
          <li key={heap.id} className="hairline flex gap-2 py-2 first:border-t-0">
            <StandingMark standing={heap.standing} />
            <span>
              <Link to={`/workshop/heaps/${heap.id}`} className="figure text-lg">
                {heap.name}
              </Link>
              <span className="block">{heap.sentence}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
