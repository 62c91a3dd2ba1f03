import type { Workshop, WorkshopEntry, WorkshopRow } from '../../shared/api';

export type Kind = 'furnaces' | 'crucibles' | 'flasks' | 'cutters' | 'stock';

export interface Column {
  key: string;
  label: string;
  example: string;
  /** A choice instead of text: code → words. */
  choices?: Record<string, string>;
}

const HEAT = { electric: 'Electric', induction: 'Induction', propane: 'Propane', butane: 'Butane', natural_gas: 'Natural gas', charcoal: 'Charcoal', microwave: 'Microwave' };

export const KINDS: readonly { kind: Kind; title: string; why: string; add: string; columns: readonly Column[] }[] = [
  {
    kind: 'furnaces',
    title: 'Furnaces',
    why: 'Energy, time and cost of a melt.',
    add: 'a furnace',
    columns: [
      { key: 'source', label: 'Heated by', example: '', choices: HEAT },
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
      { key: 'kind', label: 'Kind', example: '', choices: { drill: 'Drill', tube: 'Tube', bar: 'Bar' } },
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

export const TARIFFS: readonly { source: string; label: string }[] = [
  { source: 'electric', label: 'Electricity, a kWh' },
  { source: 'propane', label: 'Propane, a kg' },
  { source: 'butane', label: 'Butane, a kg' },
  { source: 'natural_gas', label: 'Natural gas, a m³' },
  { source: 'charcoal', label: 'Charcoal, a kg' },
];

export interface Draft {
  rows: Record<Kind, Record<string, string>[]>;
  tariffs: Record<string, string>;
  safe_lift: string;
  currency: string;
  school: string | null;
  version: number;
}

/** The workshop as it stands in the entries. */
export function draftOf(workshop: Workshop): Draft {
  const rows = Object.fromEntries(KINDS.map(({ kind, columns }) => [kind, workshop[kind].map((row) => rowText(row, columns))])) as Draft['rows'];
  return {
    rows,
    tariffs: Object.fromEntries(TARIFFS.map(({ source }) => [source, workshop.tariffs[source] === undefined ? '' : String(workshop.tariffs[source])])),
    safe_lift: text(workshop.safe_lift),
    currency: workshop.currency,
    school: workshop.school,
    version: workshop.version,
  };
}

function rowText(row: WorkshopRow, columns: readonly Column[]): Record<string, string> {
  return { name: row.name, ...Object.fromEntries(columns.map(({ key }) => [key, key === 'composition' ? compositionText(row.composition ?? {}) : text(row[key])])) };
}

function text(value: unknown): string {
  if (typeof value === 'string') return value;
  if (typeof value === 'number') return String(value);
  if (typeof value === 'object' && value !== null && 'value' in value && 'unit' in value) {
    const { value: number, unit, upper } = value as { value: number; unit: string; upper?: number };
    return `${number}${upper === undefined ? '' : `-${upper}`} ${unit === 'percent' ? '%' : unit}`;
  }
  return '';
}

export function compositionText(composition: Record<string, unknown>): string {
  return Object.entries(composition)
    .map(([element, percent]) => `${element} ${String(percent)}`)
    .join(', ');
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

export function entryOf(draft: Draft): WorkshopEntry {
  const rows = (kind: Kind) =>
    draft.rows[kind].map((row) => {
      const entry: WorkshopRow = { name: row['name'] ?? '' };
      for (const [key, value] of Object.entries(row)) {
        if (value.trim() === '' || key === 'name') continue;
        if (key === 'composition') entry.composition = readComposition(value);
        else entry[key] = value;
      }
      return entry;
    });
  return {
    version: draft.version,
    furnaces: rows('furnaces'),
    crucibles: rows('crucibles'),
    flasks: rows('flasks'),
    cutters: rows('cutters'),
    stock: rows('stock'),
    tariffs: Object.fromEntries(Object.entries(draft.tariffs).filter(([, value]) => value.trim() !== '')),
    safe_lift: draft.safe_lift.trim() || null,
    currency: draft.currency,
    school: draft.school,
  };
}
