import type { Week, WeekTask } from '../../shared/api';

const DAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
const A_DAY = 86400;

const two = (n: number) => String(n).padStart(2, '0');

/** "18:05" by the clock on the wall here. */
export function hourWords(at: number): string {
  const when = new Date(at * 1000);
  return `${two(when.getHours())}:${two(when.getMinutes())}`;
}

/** "Sun 6 Dec". */
export function dayName(at: number): string {
  const when = new Date(at * 1000);
  return `${DAYS[when.getDay()] ?? ''} ${when.getDate()} ${MONTHS[when.getMonth()] ?? ''}`;
}

/** "today 18:05", "tomorrow 9:00", "Sun 6 Dec 11:00". */
export function whenWords(at: number, now: number): string {
  const days = Math.round((midnight(at) - midnight(now)) / A_DAY);
  return `${days === 0 ? 'today' : days === 1 ? 'tomorrow' : dayName(at)} ${hourWords(at)}`;
}

/** "20 min", "1 h 30 min", "2 days". */
export function longWords(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  if (minutes >= 2 * 1440) return `${Math.round(minutes / 1440)} days`;
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
  return hours === 0 ? `${rest} min` : rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

const PAGES: Record<string, string> = { melt: 'charge', pour: 'day', finish: 'finish' };

/** The page on which a step is done, where it has one: "/attempts/…/finish". */
export function pageOf(task: Pick<WeekTask, 'step' | 'moulds'>): string | null {
  const page = PAGES[task.step.replace(/[.#]\d+$/, '')];
  return page && task.moulds[0] ? `/attempts/${task.moulds[0]}/${page}` : null;
}

/** The midnight before a moment, by the clock here. */
export function midnight(at: number): number {
  const when = new Date(at * 1000);
  when.setHours(0, 0, 0, 0);
  return when.getTime() / 1000;
}

/** One sentence that answers: what now, and what it costs to leave it. */
export function sentenceOf(week: Week): { words: string; standing: 'good' | 'risky' | 'bad' | 'plain' } {
  if (week.moulds.length === 0)
    return { words: 'Nothing is planned: plan a casting, and the week before its pour stands here.', standing: 'plain' };
  if (!week.reaches) return { words: 'The hours you work do not hold all of it: say more hours, or fewer pours.', standing: 'bad' };
  const late = week.moulds.find((mould) => mould.late > 0 && mould.wanted !== null && mould.pours_at !== null);
  if (late?.wanted && late.pours_at)
    return {
      words: `${late.name} cannot be poured ${whenWords(late.wanted, week.now)}: ${whenWords(late.pours_at, week.now)} at the earliest.`,
      standing: 'bad',
    };
  const next = week.tonight[0];
  const moves = next?.otherwise[0];
  if (next && moves)
    return {
      words:
        `${startWords(week, next.key)}: ${lower(next.label)} for ${next.name} (${longWords(next.minutes * 60)}), or it pours ` +
        `${whenWords(moves.to, week.now)} instead of ${whenWords(moves.from, week.now)}.`,
      standing: 'risky',
    };
  const first = week.tasks.find((task) => (task.state === 'next' || task.state === 'later') && task.hands_until > task.start);
  return first
    ? {
        words:
          `Next: ${lower(first.label)} for ${first.name}, ${whenWords(first.start, week.now)} ` +
          `(${longWords(first.hands_until - first.start)}).`,
        standing: 'good',
      }
    : { words: 'All of it is done.', standing: 'good' };
}

/** Whether anything could be poured earlier, where that matters: nobody asks what is in time. */
export function earlierWords(week: Week): string {
  if (week.moulds.some((mould) => mould.wanted !== null) && week.moulds.every((mould) => mould.late === 0)) return 'All of it is in time.';
  return week.proven
    ? 'Nothing can be poured earlier in the hours you work.'
    : `A good order, not proven the best: at the most ${longWords((week.at_best ?? 0) * 60)} could be won.`;
}

function startWords(week: Week, key: string): string {
  const task = week.tasks.find((one) => one.key === key);
  if (!task || task.start <= week.now + 1800) return 'Now';
  const words = whenWords(task.start, week.now);
  return words.charAt(0).toUpperCase() + words.slice(1);
}

const lower = (words: string) => words.charAt(0).toLowerCase() + words.slice(1);

/** What goes on by itself or waits, and must be left until then. */
export const runningOf = (week: Week) => week.tasks.filter((task) => task.state === 'running' && task.through > task.hands_until);

/** Days that are drawn: from today to the last of it, a fortnight at the most. */
export function daysOf(week: Week): number[] {
  const from = midnight(week.now);
  const last = Math.max(week.now, ...week.tasks.filter((task) => task.state !== 'done').map((task) => task.runs_until));
  const days: number[] = [];
  for (let day = from; day <= last && days.length < 15; day = midnight(day + 1.5 * A_DAY)) days.push(day);
  return days;
}

/** Tasks with hands on them by the day they are done on, what is done left out. */
export function byDay(week: Week): { day: number; tasks: WeekTask[] }[] {
  const days = new Map<number, WeekTask[]>();
  for (const task of week.tasks) {
    if (task.state === 'done' || task.state === 'running' || task.hands_until === task.start) continue;
    const day = midnight(task.start);
    days.set(day, [...(days.get(day) ?? []), task]);
  }
  return [...days.entries()].toSorted(([a], [b]) => a - b).map(([day, tasks]) => ({ day, tasks }));
}

/** Seconds since 1970 of what a day-and-hour entry holds, by the clock here; null where it is blank or half typed. */
export function secondsOf(entry: string): number | null {
  const at = new Date(entry).getTime();
  return entry === '' || Number.isNaN(at) ? null : Math.floor(at / 1000);
}

/** The other way round. */
export function entryOf(at: number | null): string {
  if (at === null) return '';
  const when = new Date(at * 1000);
  return `${when.getFullYear()}-${two(when.getMonth() + 1)}-${two(when.getDate())}T${two(when.getHours())}:${two(when.getMinutes())}`;
}
