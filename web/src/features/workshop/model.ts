import { THINGS, type Column, type Workshop } from '../../shared/api';
import type { Plain, Stands } from '../../shared/record';

type Thing = (typeof THINGS)[number];
export type Kind = Exclude<Thing['kind'], 'heaps' | 'recipes'>;

/** What is listed here in rows; heaps and recipes have pages of their own. */
export const KINDS: readonly { kind: Kind; title: string; why: string; add: string; columns: readonly Column[] }[] = THINGS.flatMap(
  ({ kind, ...row }) => (kind === 'heaps' || kind === 'recipes' ? [] : [{ kind, ...row }]),
);

/** The workshop as drafts name it: its settings, and each thing under its own id. */
export function seenOf(workshop: Workshop): Record<string, Stands> {
  const seen: Record<string, Stands> = {};
  for (const { kind } of KINDS)
    for (const row of workshop[kind])
      for (const [column, told] of Object.entries(row.columns))
        seen[`${row.id}/${column}`] = { raw: told.raw as Plain, shown: typed(column, told) };
  for (const [source, price] of Object.entries(workshop.tariffs)) seen[`workshop/tariffs.${source}`] = { raw: price, shown: String(price) };
  if (workshop.safe_lift)
    seen['workshop/safe_lift'] = { raw: workshop.safe_lift.raw as Plain, shown: typed('safe_lift', workshop.safe_lift) };
  seen['workshop/currency'] = { raw: workshop.currency, shown: workshop.currency };
  if (workshop.school) seen['workshop/school'] = { raw: workshop.school, shown: workshop.school };
  return seen;
}

/** In the unit it was typed in: that is what stands on the thing itself. */
function typed(column: string, { raw, shown }: { raw?: unknown; shown: string }): string {
  if (column === 'composition' || typeof raw !== 'object' || raw === null || !('value' in raw) || !('unit' in raw))
    return typeof raw === 'number' || typeof raw === 'string' ? String(raw) : shown;
  const { value, unit, upper } = raw as { value: number; unit: string; upper?: number };
  return `${value}${upper === undefined ? '' : `-${upper}`} ${unit === 'percent' ? '%' : unit}`;
}

/** "Si 7, Mg 0.35" → Si: 7 %, Mg: 0.35 %. What is not a pair goes to the server as it is, which says what is wrong. */
export function readComposition(typed: string): Record<string, string> {
  const parts: Record<string, string> = {};
  for (const part of typed.split(/[;,](?=\s*[A-Za-z])|[;\n]/)) {
    const match = /^\s*([A-Za-z]+)\s*[:=]?\s*(.*?)\s*%?\s*$/.exec(part);
    if (match?.[1]) parts[match[1]] = `${match[2] ?? ''} %`;
  }
  return parts;
}
