import type { Week, WeekTask } from '../../shared/api';
import { useWidth } from '../../shared/ui/useWidth';
import { dayName, daysOf, hourWords, longWords } from './model';

const A_DAY = 86400;
/** Pixels of a day, so that twenty minutes can still be seen. */
const DAY_WIDE = 132;
/** Days may be drawn as narrow as this where all of them are on the screen then. */
const DAY_LEAST = 88;
const ROW = 34;

/** The week to scale: hands black, what goes on by itself hatched, waiting dotted; the hours that are worked lie behind. */
export function Timeline({ week }: { week: Week }) {
  const days = daysOf(week);
  const from = days[0];
  return from === undefined || week.tasks.length === 0 ? null : <Drawn week={week} days={days} from={from} />;
}

function Drawn({ week, days, from }: { week: Week; days: number[]; from: number }) {
  const { ref, width } = useWidth(1000);
  const to = from + days.length * A_DAY;
  const rows = week.moulds.map((mould) => ({
    mould,
    tasks: week.tasks.filter((task) => task.moulds.includes(mould.attempt_id) && task.state !== 'done'),
  }));
  const wide = width >= days.length * DAY_LEAST ? Math.min(width, days.length * DAY_WIDE) : days.length * DAY_WIDE;
  const high = 26 + rows.length * ROW;
  const x = (at: number) => (wide * (Math.min(Math.max(at, from), to) - from)) / (to - from);
  return (
    <section className="mt-8" aria-label="Drawn to scale">
      <h2 className="double-ruled">Drawn to scale</h2>
      <p className="mt-2 text-sm text-soft">
        Black: hands on it. Hatched: it goes on by itself. Dotted: it waits. The light bands are the hours you work; a thick foot is what
        nothing may hold up.
      </p>
      <div className="mt-2 flex">
        <ul className="w-28 flex-none pt-[26px] sm:w-40" aria-hidden="true">
          {rows.map(({ mould }) => (
            <li key={mould.attempt_id} className="truncate pr-2 text-sm leading-[34px] font-semibold" style={{ height: ROW }}>
              {mould.name}
            </li>
          ))}
        </ul>
        <div ref={ref} className="min-w-0 flex-1 overflow-x-auto" tabIndex={0} role="region" aria-label="The days, to be moved sideways">
          <svg width={wide} height={high} viewBox={`0 0 ${wide} ${high}`} role="img" aria-label={wordsOf(week)}>
            <defs>
              <pattern id="week-runs" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                <rect width="6" height="6" fill="var(--sheet)" />
                <line x1="0" x2="0" y1="0" y2="6" stroke="var(--ink)" strokeWidth="2.6" />
              </pattern>
            </defs>
            {week.windows.map((window) => (
              <rect
                key={window.from}
                x={x(window.from)}
                width={Math.max(0, x(window.to) - x(window.from))}
                y="22"
                height={high - 22}
                fill="var(--wash)"
              />
            ))}
            {days.map((day) => (
              <g key={day}>
                <line x1={x(day)} x2={x(day)} y1="0" y2={high} stroke="var(--hair)" strokeWidth="1" />
                <text x={x(day) + 4} y="14" fontSize="13" fontFamily="var(--font-narrow)" fill="var(--ink)">
                  {dayName(day)}
                </text>
              </g>
            ))}
            {rows.map(({ mould, tasks }, row) => (
              <g key={mould.attempt_id}>
                <line x1="0" x2={wide} y1={26 + (row + 1) * ROW - 3} y2={26 + (row + 1) * ROW - 3} stroke="var(--hair)" strokeWidth="1" />
                {tasks.map((task) => (
                  <Bar key={task.key} task={task} x={x} y={26 + row * ROW} />
                ))}
                {mould.wanted !== null && mould.wanted < to && (
                  <path
                    d={`M${x(mould.wanted)} ${26 + row * ROW - 2}v${ROW - 2}`}
                    stroke="var(--molten)"
                    strokeWidth="2"
                    strokeDasharray="3 2"
                  />
                )}
              </g>
            ))}
            <line x1={x(week.now)} x2={x(week.now)} y1="20" y2={high} stroke="var(--molten)" strokeWidth="2.5" />
          </svg>
        </div>
      </div>
    </section>
  );
}

function Bar({ task, x, y }: { task: WeekTask; x: (at: number) => number; y: number }) {
  const top = y + 7;
  const wide = (a: number, b: number, least: number) => (b > a ? Math.max(least, x(b) - x(a)) : 0);
  return (
    <g>
      <title>{`${task.label}, ${hourWords(task.start)}, ${longWords(task.hands_until - task.start)}`}</title>
      {task.through > task.runs_until && (
        <line
          x1={x(task.runs_until)}
          x2={x(task.through)}
          y1={top + 8}
          y2={top + 8}
          stroke="var(--ink)"
          strokeWidth="2.4"
          strokeDasharray="0.1 5"
          strokeLinecap="round"
        />
      )}
      {task.runs_until > task.hands_until && (
        <rect
          x={x(task.hands_until)}
          y={top}
          width={wide(task.hands_until, task.runs_until, 2)}
          height="16"
          fill="url(#week-runs)"
          stroke="var(--ink)"
          strokeWidth="1"
        />
      )}
      {task.hands_until > task.start && (
        <rect
          x={x(task.start)}
          y={top}
          width={wide(task.start, task.hands_until, 3)}
          height="16"
          fill={task.step === 'pour' ? 'var(--molten)' : 'var(--ink)'}
        />
      )}
      {task.critical && (
        <line
          x1={x(task.start)}
          x2={Math.max(x(task.start) + 3, x(task.through))}
          y1={top + 20}
          y2={top + 20}
          stroke="var(--ink)"
          strokeWidth="3"
        />
      )}
    </g>
  );
}

function wordsOf(week: Week): string {
  const pours = week.moulds.flatMap((mould) =>
    mould.pours_at === null ? [] : [`${mould.name} pours ${dayName(mould.pours_at)} at ${hourWords(mould.pours_at)}`],
  );
  return `The week: ${pours.join('; ')}. The same stands below, day by day.`;
}
