import { Link } from 'react-router';
import { StandingMark } from './StandingMark';

type Standing = React.ComponentProps<typeof StandingMark>['standing'];

/** What wants something before the next pour, each with where to go; nothing where all is well. */
export function Wanting({
  title,
  label,
  lines,
}: {
  title: string;
  label: string;
  lines: readonly { id: string; to: string; name: string; number?: number; sentence: string; standing: Standing }[];
}) {
  const wanting = lines.filter(({ standing }) => standing === 'bad' || standing === 'risky');
  if (wanting.length === 0) return null;
  return (
    <section className="mt-8" aria-label={label}>
      <h2 className="double-ruled">{title}</h2>
      <ul>
        {wanting.map((line) => (
          <li key={line.id} className="hairline flex gap-2 py-2 first:border-t-0">
            <StandingMark standing={line.standing} />
            <span>
              <Link to={line.to} className="figure text-lg">
                {line.name} {line.number !== undefined && <span className="text-soft">no. {line.number}</span>}
              </Link>
              <span className="block">{line.sentence}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
