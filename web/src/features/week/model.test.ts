import { describe, expect, it } from 'vitest';
import type { Week, WeekTask } from '../../shared/api';
import { byDay, daysOf, earlierWords, entryOf, longWords, midnight, secondsOf, pageOf, sentenceOf, whenWords } from './model';

const at = (day: number, hour: number, minute = 0) => new Date(2026, 5, day, hour, minute).getTime() / 1000;

const task = (key: string, start: number, minutes: number, more: Partial<WeekTask> = {}): WeekTask => ({
  key,
  step: key,
  moulds: ['m'],
  name: 'Ring, no. 1',
  label: 'Coat the foam',
  start,
  hands_until: start + minutes * 60,
  runs_until: start + minutes * 60,
  through: start + minutes * 60,
  latest: start,
  critical: false,
  state: 'later',
  alone: 'may',
  machine: null,
  why: '',
  done: [],
  ...more,
});

const week = (more: Partial<Week> = {}): Week => ({
  now: at(1, 12),
  moulds: [
    { attempt_id: 'm', version: 1, name: 'Ring', number: 1, process: null, metal: null, wanted: null, pours_at: at(7, 11), late: 0 },
  ],
  others: [],
  tasks: [task('foam_coat', at(1, 19), 20, { state: 'next' }), task('pour', at(7, 11), 15)],
  tonight: [],
  windows: [],
  hours: {},
  usual: {},
  people: 1,
  air_told: null,
  humidity_told: null,
  air: '',
  reaches: true,
  proven: true,
  at_best: null,
  warnings: [],
  has_feed: false,
  version: 1,
  ...more,
});

describe('the week', () => {
  it('says what is next, and what it costs to leave it', () => {
    expect(sentenceOf(week()).words).toBe('Next: coat the foam for Ring, no. 1, today 19:00 (20 min).');
    const moved = week({
      tonight: [
        {
          key: 'foam_coat',
          label: 'Coat the foam',
          name: 'Ring, no. 1',
          minutes: 20,
          otherwise: [{ name: 'Ring, no. 1', from: at(7, 11), to: at(8, 19, 30) }],
        },
      ],
    });
    expect(sentenceOf(moved)).toEqual({
      words: 'Today 19:00: coat the foam for Ring, no. 1 (20 min), or it pours Mon 8 Jun 19:30 instead of Sun 7 Jun 11:00.',
      standing: 'risky',
    });
  });

  it('says first what cannot be had', () => {
    const late = week().moulds.map((mould) => ({ ...mould, wanted: at(5, 11), late: 2880 }));
    expect(sentenceOf(week({ moulds: late })).words).toBe('Ring cannot be poured Fri 5 Jun 11:00: Sun 7 Jun 11:00 at the earliest.');
    expect(sentenceOf(week({ reaches: false })).standing).toBe('bad');
    expect(sentenceOf(week({ moulds: [], tasks: [] })).words).toContain('Nothing is planned');
    expect(sentenceOf(week({ tasks: [] })).words).toBe('All of it is done.');
  });

  it('says whether anything could be earlier, where that matters', () => {
    expect(earlierWords(week())).toBe('Nothing can be poured earlier in the hours you work.');
    expect(earlierWords(week({ proven: false, at_best: 90 }))).toContain('at the most 1 h 30 min could be won');
    expect(earlierWords(week({ moulds: week().moulds.map((mould) => ({ ...mould, wanted: at(7, 11) })) }))).toBe('All of it is in time.');
  });

  it('leads to where a step is done', () => {
    expect(pageOf({ step: 'finish#1', moulds: ['a'] })).toBe('/attempts/a/finish');
    expect(pageOf({ step: 'melt', moulds: ['a', 'b'] })).toBe('/attempts/a/charge');
    expect([pageOf({ step: 'foam_coat.2', moulds: ['a'] }), pageOf({ step: 'pour', moulds: [] })]).toEqual([null, null]);
  });

  it('tells moments as a caster says them', () => {
    expect(whenWords(at(1, 9), at(1, 8))).toBe('today 09:00');
    expect(whenWords(at(2, 0, 5), at(1, 23, 55))).toBe('tomorrow 00:05');
    expect([longWords(1200), longWords(5400), longWords(7200), longWords(3 * 86400)]).toEqual(['20 min', '1 h 30 min', '2 h', '3 days']);
  });

  it('keeps a day and an hour as they were typed, and nothing of half an entry', () => {
    expect(entryOf(secondsOf('2026-06-07T11:30'))).toBe('2026-06-07T11:30');
    expect([secondsOf(''), secondsOf('2026-06'), entryOf(null)]).toEqual([null, expect.anything(), '']);
    expect(secondsOf('nonsense')).toBeNull();
  });

  it('lists what is still to be done by its day, and draws from today to the last of it', () => {
    const days = byDay(week({ tasks: [task('done', at(1, 8), 20, { state: 'done' }), ...week().tasks] }));
    expect(days.map(({ day, tasks }) => [day, tasks.map((one) => one.key)])).toEqual([
      [midnight(at(1, 12)), ['foam_coat']],
      [midnight(at(7, 12)), ['pour']],
    ]);
    expect(daysOf(week())).toHaveLength(7);
    expect(daysOf(week({ tasks: [task('far', at(1, 9) + 60 * 86400, 20)] }))).toHaveLength(15);
  });
});
