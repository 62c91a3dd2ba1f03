import { describe, expect, it } from 'vitest';
import type { Heap, HeapMeasure, Mending } from '../../shared/api';
import { columnOf } from '../things/index';
import { grains, heightOf, mixedIn, outline, spanOf, testsOf } from './model';

const measure = (code: string, more: Partial<HeapMeasure> = {}): HeapMeasure => ({
  code,
  label: code,
  how: '',
  shown: null,
  standing: 'plain',
  origin: null,
  at: null,
  old: false,
  band: { low: 2.5, high: 4.5, shown: '2.5 to 4.5 %' },
  due: { now: false, words: 'in 3 months' },
  trend: [],
  ...more,
});
const heap = (measures: HeapMeasure[], more: Partial<Heap> = {}) =>
  ({ measures, now: 1_000_000_000, pours: [], ...more }) as unknown as Heap;
const line = (code: Mending['lines'][number]['code'], kg: number) =>
  ({ code, how: '', figure: { value: { value: kg, low: kg, high: kg, unit: 'kg' } } }) as unknown as Mending['lines'][number];

describe('a heap of sand', () => {
  it('asks first for what goes with the day and for what is due, and for nothing its kind does not want', () => {
    const asked = testsOf(
      heap([
        measure('moisture'),
        measure('permeability'),
        measure('clay', { due: { now: true, words: '12 pours since it was measured' } }),
        measure('compactability', { band: null }),
      ]),
    );
    expect(asked.map((one) => [one.measure.code, one.due])).toEqual([
      ['moisture', true],
      ['clay', true],
      ['permeability', false],
    ]);
    expect(asked[0]?.columns.map((one) => one.key)).toEqual(['wet', 'dried', 'moisture']);
  });

  it('writes down what was mixed in: lines of one thing together, burnt sand as sand taken out', () => {
    expect(
      mixedIn({ words: '', doubt: '', lines: [line('burnt_out', 6.1234), line('sand', 6.1234), line('sand', 1), line('water', 0.5697)] }),
    ).toEqual({ taken_out: '6120 g', sand: '7120 g', water: '570 g' });
    expect(mixedIn({ words: '', doubt: '', lines: [] })).toEqual({});
  });

  it('is drawn from the first thing known of it until now, a month at least', () => {
    const at = 1_000_000_000 - 400 * 86400;
    expect(spanOf(heap([measure('clay')])).from).toBe(1_000_000_000 - 30 * 86400);
    expect(spanOf(heap([measure('clay', { trend: [{ at, value: 8, low: 7, high: 9, tested: true }] })])).from).toBe(at);
    expect(spanOf(heap([], { pours: [{ at: at - 5 } as Heap['pours'][number]] })).from).toBe(at - 5);
  });

  it('keeps band, tests and their spread within the strip', () => {
    const height = heightOf(measure('clay', { trend: [{ at: 1, value: 8, low: 6, high: 10, tested: true }] }));
    for (const value of [2.5, 4.5, 6, 8, 10]) {
      expect(height(value)).toBeGreaterThan(0);
      expect(height(value)).toBeLessThan(1);
    }
    expect(height(8)).toBeGreaterThan(height(4.5));
    expect(Number.isFinite(heightOf(measure('clay', { band: { low: 3, high: 3, shown: '3' } }))(3))).toBe(true);
  });

  it('strews its grains the same way every time, all of them inside', () => {
    const first = grains(80);
    expect(first).toHaveLength(80);
    expect(grains(80)).toEqual(first);
    for (const { x, y } of first) expect(y).toBeLessThan(outline(x));
    expect(new Set(first.map(({ x, y }) => `${x} ${y}`)).size).toBe(80);
  });

  it('knows the columns of its entries by name', () => {
    expect(columnOf('sand_test', 'dried').label).toBe('The same, dried');
    expect(() => columnOf('sand_test', 'colour')).toThrow('no column colour');
  });
});
