import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { longWords, sentenceOf, whenWords } from './model';
import { weekQuery } from './queries';

/** On the bench: what dries and until when, and what is next; nothing where nothing is planned. */
export function WeekNow() {
  const week = useQuery(weekQuery).data;
  if (!week || week.moulds.length === 0) return null;
  const running = week.tasks.filter((task) => task.state === 'running');
  return (
    <section className="mt-8" aria-label="This week">
      <h2 className="border-b-[3px] border-double border-ink pb-1">This week</h2>
      <p className="mt-2">{sentenceOf(week).words}</p>
      <ul>
        {running.map((task) => (
          <li key={task.key} className="hairline py-2">
            <span className="font-semibold">{task.label}</span>: until <span className="figure">{whenWords(task.through, week.now)}</span>
            <span className="block text-sm text-soft">
              {task.name}, {longWords(task.through - week.now)} to go
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2">
        <Link to="/week" className="press">
          The week
        </Link>
      </p>
    </section>
  );
}
