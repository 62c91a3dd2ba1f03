import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { StandingMark } from '../../shared/ui/StandingMark';
import { shelfQuery } from './queries';

/** Planned pours that the shelf is short for; nothing where there is enough of everything. */
export function MetalShort() {
  const needs = useQuery(shelfQuery).data?.needs ?? [];
  const short = needs.filter((need) => need.standing === 'bad' || need.standing === 'risky');
  if (short.length === 0) return null;
  return (
    <section className="mt-8" aria-label="Metal that is short">
      <h2 className="border-b-[3px] border-double border-ink pb-1">Metal</h2>
      <ul>
        {short.map((need) => (
          <li key={need.attempt_id} className="hairline flex gap-2 py-2 first:border-t-0">
            <StandingMark standing={need.standing} />
            <span>
              <Link to={`/attempts/${need.attempt_id}/charge`} className="figure text-lg">
                {need.name} <span className="text-soft">no. {need.number}</span>
              </Link>
              <span className="block">{need.sentence}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
