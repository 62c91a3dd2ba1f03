import { expect, it } from 'vitest';
import { dayWords, momentWords, today } from './day';

it('writes a day as people say it, whatever the time zone', () => {
  expect(dayWords('2026-05-03')).toBe('3 May 2026');
  expect(dayWords('2025-12-31')).toBe('31 Dec 2025');
});

it('tells a moment by the clock on the wall', () => {
  const local = new Date(2026, 10, 26, 8, 5);
  expect(momentWords(local.toISOString())).toBe('26 Nov, 08:05');
});

it('takes today from the clock on the wall', () => {
  expect(today(new Date(2026, 0, 5, 23, 59))).toBe('2026-01-05');
  expect(today(new Date(2026, 10, 30, 0, 1))).toBe('2026-11-30');
});
