import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { StandingMark } from '../../shared/ui/StandingMark';
import { longWords, runningOf, sentenceOf, whenWords } from './model';
import { weekQuery } from './queries';

/** On the bench: what dries and until when, and what is next; nothing where nothing is planned. */
export function WeekNow() {
  const week = useQuery(weekQuery).data;
  if (!week || week.moulds.length === 0) return null;
  const running = runningOf(week);
  const sentence = sentenceOf(week);
  return (
    <section className="mt-4 border-2 border-ink px-4 py-3" aria-label="This week">
      <h2 className="lettering text-ink">This week</h2>
      <div className="mt-1 flex flex-wrap items-start gap-x-6 gap-y-2">
        <p className="flex flex-1 basis-72 gap-2 text-lg font-semibold">
          <StandingMark standing={sentence.standing} />
          <span>{sentence.words}</span>
        </p>
        <Link to="/week" className="press">
          The week
        </Link>
      </div>
      {running.length > 0 && (
        <ul className="mt-1">
          {running.map((task) => (
            <li key={task.key}>
              {task.label}: until <span className="figure">{whenWords(task.through, week.now)}</span>{' '}
              <span className="text-soft">
                ({task.name}, {longWords(task.through - week.now)} to go)
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
