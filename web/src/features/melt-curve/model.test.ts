import { describe, expect, it } from 'vitest';
import type { Curve, CurveSeries } from '../../shared/api';
import { joined, nearest, newest, tableOf } from './model';

const series = (at: number[], value: number[], instrument = 'probe'): CurveSeries => ({
  instrument,
  name: 'Probe',
  quantity: 'temperature',
  unit: '°C',
  simulated: false,
  at,
  value,
});
const curve = (...all: CurveSeries[]): Curve => ({
  id: 'h',
  name: null,
  melted_on: null,
  version: 1,
  metal: null,
  unit: '°C',
  series: all,
  levels: [],
  events: [],
  figures: [],
  missing: [],
  scrap: null,
  take: [],
  listens: [],
  others: [],
  attempts: [],
  now: 0,
});

describe('a curve that grows', () => {
  it('keeps every reading once and in order', () => {
    const grown = joined(curve(series([1, 2, 3], [10, 20, 30])), curve(series([3, 4], [30, 40])));
    expect(grown.series[0]?.at).toEqual([1, 2, 3, 4]);
    expect(grown.series[0]?.value).toEqual([10, 20, 30, 40]);
    expect(newest(grown)).toBe(4);
  });

  it('stays marked as made up, also when nothing new came', () => {
    const made = { ...series([1], [10]), simulated: true };
    expect(joined(curve(made), curve(series([], []))).series[0]?.simulated).toBe(true);
    expect(joined(curve(series([1], [10])), curve({ ...series([2], [11]), simulated: true })).series[0]?.simulated).toBe(true);
  });

  it('keeps what it has when nothing is new, takes a new instrument in, and drops one that is listened to no more', () => {
    const two = joined(curve(series([1], [10]), series([1], [5], 'gone')), curve(series([], []), series([9], [1], 'meter')));
    expect(two.series.map((one) => [one.instrument, one.at])).toEqual([
      ['probe', [1]],
      ['meter', [9]],
    ]);
    expect(newest(undefined)).toBe(0);
    expect(newest(curve())).toBe(0);
  });
});

describe('the table beside it', () => {
  it('has so few rows that they can be read, and one column for each series', () => {
    const at = Array.from({ length: 5000 }, (_, i) => 1000 + i);
    const rows = tableOf([series(at, at), series([1000, 5990], [1, 2], 'meter')], 60);
    expect(rows.length).toBeLessThanOrEqual(61);
    expect(rows.length).toBeGreaterThan(30);
    expect(rows[0]?.values[1]).toBe(1);
    expect(rows.at(-1)?.values[1]).toBe(2);
    expect(rows[3]?.values[1]).toBeNull();
    expect(tableOf([], 60)).toEqual([]);
    expect(tableOf([series([], [])], 60)).toEqual([]);
  });
});

describe('the reading under a finger', () => {
  it('is the nearest one', () => {
    expect(nearest([1, 2, 4, 8], 3.4)).toBe(2);
    expect(nearest([1, 2, 4, 8], -5)).toBe(0);
    expect(nearest([1, 2, 4, 8], 99)).toBe(3);
    expect(nearest([7], 1)).toBe(0);
    expect(nearest([], 1)).toBe(-1);
  });
});
