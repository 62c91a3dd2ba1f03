import type { Curve, CurveSeries } from '../../shared/api';

/** Later readings laid behind those that are here already; what is said of them is the newer one's. */
export function joined(before: Curve | undefined, now: Curve): Curve {
  if (!before) return now;
  const series = now.series.map((later) => {
    const known = before.series.find((one) => one.instrument === later.instrument && one.quantity === later.quantity);
    if (!known) return later;
    const last = known.at.at(-1) ?? -Infinity;
    const from = later.at.findIndex((at) => at > last);
    // Once made up, it stays said: the newest readings alone may be none at all.
    const simulated = known.simulated || later.simulated;
    return from < 0
      ? { ...later, simulated, at: known.at, value: known.value }
      : { ...later, simulated, at: [...known.at, ...later.at.slice(from)], value: [...known.value, ...later.value.slice(from)] };
  });
  return { ...now, series };
}

/** The second of the newest reading of all; 0 where there is none. */
export function newest(curve: Curve | undefined): number {
  return Math.max(0, ...(curve?.series.map((one) => one.at.at(-1) ?? 0) ?? []));
}

export interface TableRow {
  at: number;
  values: (number | null)[];
}

/** So few rows that they can be read: for each step of time the reading nearest its end, series by series. */
export function tableOf(series: readonly CurveSeries[], most: number): TableRow[] {
  const first = Math.min(...series.map((one) => one.at[0] ?? Infinity));
  const last = Math.max(...series.map((one) => one.at.at(-1) ?? -Infinity));
  if (!Number.isFinite(first) || !Number.isFinite(last)) return [];
  const step = stepOf(last - first, most);
  const rows = new Map<number, TableRow>();
  series.forEach((one, index) => {
    one.at.forEach((at, i) => {
      const key = Math.floor((at - first) / step);
      const row = rows.get(key) ?? { at: first + key * step, values: series.map(() => null) };
      row.values[index] = one.value[i] ?? null;
      rows.set(key, row);
    });
  });
  return [...rows.entries()].sort(([a], [b]) => a - b).map(([, row]) => row);
}

const STEPS = [1, 2, 5, 10, 15, 30, 60, 120, 300, 600, 900, 1800, 3600];

function stepOf(seconds: number, most: number): number {
  return STEPS.find((step) => seconds / step <= most) ?? Math.ceil(seconds / most);
}

/** The index whose second lies nearest; -1 in an empty list. The list rises. */
export function nearest(at: readonly number[], second: number): number {
  let low = 0;
  let high = at.length - 1;
  if (high < 0) return -1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((at[middle] ?? 0) <= second) low = middle;
    else high = middle;
  }
  return Math.abs((at[high] ?? 0) - second) < Math.abs((at[low] ?? 0) - second) ? high : low;
}

/** Time of day to the second: an arrest is read as closely as that. */
export const timeWords = (at: number) =>
  new Date(at * 1000).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', second: '2-digit', hour12: false });
