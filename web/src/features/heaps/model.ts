import { columnOf } from '../things/index';
import { type Column, type Heap, type HeapMeasure, type Mending } from '../../shared/api';

/** What of a test tells each measure: weighed or timed first, as read otherwise. */
export const TESTS: readonly { measure: string; columns: readonly string[] }[] = [
  { measure: 'moisture', columns: ['wet', 'dried', 'moisture'] },
  { measure: 'compactability', columns: ['loose', 'rammed', 'compactability'] },
  { measure: 'permeability', columns: ['seconds', 'pressure', 'permeability'] },
  { measure: 'clay', columns: ['wash_before', 'wash_after', 'clay'] },
  { measure: 'loss_on_ignition', columns: ['fire_before', 'fire_after', 'loss_on_ignition'] },
  { measure: 'fineness', columns: ['sieves', 'fineness'] },
];

const OF_THE_DAY = ['moisture', 'compactability'];

/** Tests this kind of sand asks for: those that are due first, each group in the order a test is made. */
export function testsOf(heap: Heap): { measure: HeapMeasure; columns: readonly Column[]; due: boolean }[] {
  const all = TESTS.flatMap(({ measure, columns }) => {
    const of = heap.measures.find((one) => one.code === measure && one.band !== null);
    return of ? [{ measure: of, columns: columns.map((key) => columnOf('sand_test', key)), due: of.due?.now ?? false }] : [];
  });
  // What goes with the day is asked for whenever a test is made.
  const now = (one: (typeof all)[number]) => one.due || OF_THE_DAY.includes(one.measure.code);
  return [...all.filter(now).map((one) => ({ ...one, due: true })), ...all.filter((one) => !now(one))];
}

/** Where the masses of a mending are written down once they are mixed in; lines of one thing are added up. */
export function mixedIn(mending: Mending): Record<string, string> {
  const grams: Record<string, number> = {};
  for (const { code, figure } of mending.lines) {
    const column = code === 'burnt_out' ? 'taken_out' : code;
    grams[column] = (grams[column] ?? 0) + 1000 * figure.value.value;
  }
  return Object.fromEntries(Object.entries(grams).map(([column, mass]) => [column, `${Number(mass.toPrecision(3))} g`]));
}

export interface Span {
  from: number;
  to: number;
}

/** From the first thing that is known of a heap until now; at least a month. */
export function spanOf(heap: Heap): Span {
  const moments = [...heap.measures.flatMap((one) => one.trend.map((point) => point.at)), ...heap.pours.map((one) => one.at)];
  return { from: Math.min(heap.now - 30 * 86400, ...moments), to: heap.now };
}

/** Where a number lies in a strip, 0 at its foot and 1 at its head, with room for the band and for everything that was found. */
export function heightOf(measure: HeapMeasure): (value: number) => number {
  const all = [...measure.trend.flatMap((one) => [one.low, one.high]), ...(measure.band ? [measure.band.low, measure.band.high] : [])];
  const low = Math.min(...all);
  const high = Math.max(...all);
  const room = 0.12 * (high - low || 1);
  return (value) => (value - (low - room)) / (high - low + 2 * room);
}

/** Places of so many grains in a heap drawn a hundred wide and high, the same ones every time, none outside its outline. */
export function grains(count: number): { x: number; y: number }[] {
  const places: { x: number; y: number }[] = [];
  for (let i = 1; places.length < count; i += 1) {
    const x = halton(i, 2);
    const y = halton(i, 3);
    if (y < outline(x) - 0.05 && y > 0.04) places.push({ x, y });
  }
  return places;
}

/** Height of a heap over its foot, 0 to 1 at both. */
export const outline = (x: number) => 0.94 * (1 - (2 * x - 1) ** 2) ** 0.8;

/** The well-known sequence of J. H. Halton: evenly strewn, and never by chance. */
function halton(index: number, base: number): number {
  let result = 0;
  let part = 1 / base;
  for (let i = index; i > 0; i = Math.floor(i / base)) {
    result += part * (i % base);
    part /= base;
  }
  return result;
}
