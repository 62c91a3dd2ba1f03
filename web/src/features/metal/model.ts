import type { LotLine } from '../../shared/api';
import type { Outcome } from '../../shared/record';

export interface Bar {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** How wide a pile of so much metal is drawn, of the widest there is; the least can still be seen and touched. */
export function pileWidth(kg: number, most: number): number {
  return most <= 0 || kg <= 0 ? 0 : Math.max(0.16, Math.sqrt(kg / most));
}

/** Ingots stacked in rows, each row one fewer, centred: as many as there are pieces, else as many as tell about how much it is. */
export function pile(kg: number, pieces: number | null, most: number, wide: number): Bar[] {
  const width = pileWidth(kg, most) * wide;
  if (width === 0) return [];
  const count = Math.min(15, Math.max(1, pieces ?? Math.round(10 * (kg / most)) + 1));
  let base = 1;
  while ((base * (base + 1)) / 2 < count) base += 1;
  const rows: number[] = [];
  let left = count;
  for (let row = base; left > 0; row -= 1) {
    rows.push(Math.min(row, left));
    left -= Math.min(row, left);
  }
  const cell = width / base;
  const height = Math.min(20, 0.55 * cell);
  return rows.flatMap((inRow, level) =>
    Array.from({ length: inRow }, (_, at) => ({
      x: (wide - width) / 2 + (at + (base - inRow) / 2) * cell,
      y: (level + 1) * height,
      width: cell,
      height,
    })),
  );
}

/** Lots by the metal they are of, in the order in which the shelf has most; what is used up stands last. */
export function boards(lots: readonly LotLine[], families: readonly { family: string; label: string; shown: string }[]) {
  const left = lots.filter((lot) => lot.kg > 0);
  return families.map(({ family, label, shown }) => ({
    family,
    label,
    shown,
    lots: left.filter((lot) => (lot.family ?? '') === family).toSorted((a, b) => b.kg - a.kg),
  }));
}

/** What a number typed with or without its sign comes to: "6.2" and "6.2 %" are the same share. */
export const asShare = (text: string) => (/^\s*[\d.,]+\s*$/.test(text) ? `${text.trim()} %` : text.trim());

/** What the notebook said against one field of what was pressed; undefined where it took it. */
export function refusedFor(outcome: Outcome | null, field: string): string | undefined {
  return outcome?.state === 'refused'
    ? outcome.problem.problems.find((problem) => problem.pointer.endsWith(`/set/${field}`))?.message
    : undefined;
}

/** From where to where a strip of a share runs: the window, what is known and what lies between. */
export function stripOf(element: { low: number; high: number; percent: number; window: { low: number; high: number } | null }) {
  const ends = [element.low, element.high, ...(element.window ? [element.window.low, Math.min(100, element.window.high)] : [])];
  const low = Math.min(...ends);
  const high = Math.max(...ends);
  const room = 0.15 * (high - low || Math.max(0.1, high));
  const from = Math.max(0, low - room);
  const to = high + room;
  return { from, to, at: (percent: number) => (percent - from) / (to - from) };
}
