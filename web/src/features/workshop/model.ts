import type { Workshop } from '../../shared/api';
import type { Plain, Stands } from '../../shared/record';

export type Kind = 'furnaces' | 'crucibles' | 'flasks' | 'cutters' | 'stock';

export interface Column {
  key: string;
  label: string;
  example: string;
  /** A choice of this list of the handbook instead of text. */
  choices?: string;
}

export const KINDS: readonly { kind: Kind; title: string; why: string; add: string; columns: readonly Column[] }[] = [
  {
    kind: 'furnaces',
    title: 'Furnaces',
    why: 'Energy, time and cost of a melt.',
    add: 'a furnace',
    columns: [
      { key: 'source', label: 'Heated by', example: '', choices: 'energy_source' },
      { key: 'power', label: 'Power', example: '2 kW' },
      { key: 'efficiency', label: 'Reaches the metal', example: '25-35 %' },
    ],
  },
  {
    kind: 'crucibles',
    title: 'Crucibles',
    why: 'Whether the charge fits, and what there is to lift.',
    add: 'a crucible',
    columns: [
      { key: 'volume', label: 'To the brim', example: '600 mL' },
      { key: 'mass', label: 'Empty, with tongs', example: '1.4 kg' },
    ],
  },
  {
    kind: 'flasks',
    title: 'Flasks',
    why: 'The smallest that fits is offered.',
    add: 'a flask',
    columns: [
      { key: 'length', label: 'Length inside', example: '300 mm' },
      { key: 'width', label: 'Width inside', example: '200 mm' },
      { key: 'cope', label: 'Cope', example: '100 mm' },
      { key: 'drag', label: 'Drag', example: '80 mm' },
    ],
  },
  {
    kind: 'cutters',
    title: 'Cutting tools',
    why: 'Sprues and runners are sized in what you own.',
    add: 'a tool',
    columns: [
      { key: 'kind', label: 'Kind', example: '', choices: 'cutter_kind' },
      { key: 'size', label: 'Size', example: '5/8 in' },
    ],
  },
  {
    kind: 'stock',
    title: 'Stock',
    why: 'Metal on the shelf, to be mixed to a composition.',
    add: 'stock',
    columns: [
      { key: 'mass', label: 'There is', example: '3 kg' },
      { key: 'price', label: 'Price a kilogram', example: '2.20' },
      { key: 'loss', label: 'Melt loss', example: '5 %' },
      { key: 'composition', label: 'Composition, per cent', example: 'Si 7, Mg 0.35, Fe 0.15' },
    ],
  },
];

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
