const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** "3 May 2026" from "2026-05-03". No time zone comes near it: a pour is on the day it was on. */
export function dayWords(day: string): string {
  const [year, month, date] = day.split('-');
  return `${Number(date)} ${MONTHS[Number(month) - 1] ?? month} ${year}`;
}

/** "26 Nov, 18:05" of a moment told in any zone, as the clock on the wall here has it. */
export function momentWords(moment: string): string {
  const at = new Date(moment);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${at.getDate()} ${MONTHS[at.getMonth()] ?? ''}, ${two(at.getHours())}:${two(at.getMinutes())}`;
}

/** The same of seconds since 1970. */
export const clockWords = (at: number) => momentWords(new Date(at * 1000).toISOString());

/** Today where the caster is, as 2026-05-03. */
export function today(now: Date = new Date()): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
