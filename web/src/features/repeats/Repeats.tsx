import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

/** What this caster got wrong before in pours like this one: said where it can still be put right. */
export function Repeats({ attempt, process, alloy }: { attempt?: string; process?: string | null; alloy?: string | null }) {
  const query = { ...(attempt && { attempt }), ...(process && { process }), ...(alloy && { alloy }) };
  const repeats = useQuery({
    queryKey: ['repeats', query],
    queryFn: () => answered(api.GET('/api/repeats', { params: { query } })),
    placeholderData: keepPreviousData,
    enabled: Object.keys(query).length > 0,
  }).data?.repeats;
  if (!repeats || repeats.length === 0) return null;
  return (
    <section className="caution mb-4 flex-col items-stretch" aria-label="You had this before">
      <h2 className="lettering text-ink">You had this before</h2>
      <ul>
        {repeats.map((entry) => (
          <li key={entry.cause} className="py-0.5">
            <strong>
              {entry.label}, {entry.times === 1 ? 'once' : entry.times === 2 ? 'twice' : `${entry.times} times`}
            </strong>
            {entry.look && `: ${entry.look.charAt(0).toLowerCase()}${entry.look.slice(1)}.`}
          </li>
        ))}
      </ul>
    </section>
  );
}
