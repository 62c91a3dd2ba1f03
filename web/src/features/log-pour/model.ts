import type { Attempt, AttemptEntry, Field, FindingEntry, ShownValue } from '../../shared/api';
import type { FieldInput } from '../../shared/ui/FieldEntry';

/** What stands on the form. Values are grouped by the part of their key before the dot. */
export interface Draft {
  id: string;
  casting_id: string;
  heat_id: string | null;
  poured_on: string;
  verdict: string | null;
  note: string;
  observations: string[];
  values: Record<string, Record<string, FieldInput>>;
  finding: FindingEntry | null;
}

export type Stage = 'pattern' | 'mould' | 'gating' | 'feeding' | 'venting' | 'melt' | 'pour' | 'cooling';

export const STAGES: readonly { stages: readonly Stage[]; title: string }[] = [
  { stages: ['mould'], title: 'Mould' },
  { stages: ['melt'], title: 'Metal' },
  { stages: ['pour'], title: 'Pour' },
  { stages: ['gating'], title: 'Gating' },
  { stages: ['feeding', 'venting'], title: 'Riser and vents' },
  { stages: ['pattern', 'cooling'], title: 'Casting and cooling' },
];

/** Asked first; the rest of a stage waits behind "more". */
const FIRST = new Set([
  'mould.process',
  'sand.condition',
  'mould.dry_time',
  'foam.dry_time',
  'foam.vibration',
  'plaster.vacuum',
  'plaster.burnout_time',
  'silicone.talc',
  'mould.temperature',
  'metal.alloy',
  'pour.temperature',
  'gating.fill',
  'gating.sprue',
  'gating.gates',
  'feeding.riser',
  'venting.vents',
  'venting.high_points',
  'casting.wall',
  'casting.run',
]);

export function isAskedFirst(field: Field): boolean {
  return FIRST.has(field.key);
}

/** A field is asked where it means something; with the process unknown, only what every process has. */
export function isAsked(field: Field, process: string | null): boolean {
  return field.processes === null || (process !== null && field.processes.includes(process));
}

export function valueOf(values: Draft['values'], key: string): FieldInput {
  const [group = '', name = ''] = key.split('.');
  return values[group]?.[name] ?? null;
}

export function withValue(values: Draft['values'], key: string, value: FieldInput): Draft['values'] {
  const [group = '', name = ''] = key.split('.');
  return { ...values, [group]: { ...values[group], [name]: value } };
}

/** The form of an attempt that is there: what was made, as the caster would type it. */
export function draftOf(attempt: Attempt, today: string): Draft {
  let values: Draft['values'] = {};
  for (const [key, value] of Object.entries({ ...attempt.made, ...attempt.heat?.values })) values = withValue(values, key, asInput(value));
  return {
    id: attempt.id,
    casting_id: attempt.casting_id,
    heat_id: attempt.heat?.id ?? null,
    poured_on: attempt.poured_on ?? today,
    verdict: attempt.verdict,
    note: attempt.note ?? '',
    observations: attempt.observations,
    values,
    finding: null,
  };
}

export function asInput(value: ShownValue): FieldInput {
  // Sections are drawn and edited on the plan; here they only pass through, as they are stored.
  if (Array.isArray(value.raw)) return value.shown;
  if (typeof value.raw === 'boolean' || typeof value.raw === 'string') return value.raw;
  if (typeof value.raw === 'number') return String(value.raw);
  return value.shown;
}

/**
 * What is sent. A measured value that still reads as it was shown goes back as it was stored, so that showing 44.45 mm as 44.5 mm
 * and saving it does not change it. Values that belong to another process are left out.
 */
export function entryOf(draft: Draft, fields: readonly Field[], attempt: Attempt | null): AttemptEntry {
  const process = valueOf(draft.values, 'mould.process') ?? attempt?.planned['mould.process']?.raw ?? null;
  const stored = { ...attempt?.planned, ...attempt?.made, ...attempt?.heat?.values };
  const made: NonNullable<AttemptEntry['made']> = {};
  for (const field of fields) {
    const value = valueOf(draft.values, field.key);
    if (value === null || value === '' || !isAsked(field, typeof process === 'string' ? process : null)) continue;
    const known = stored[field.key];
    made[field.key] = known && known.shown === value ? known.raw : value;
  }
  const planned: NonNullable<AttemptEntry['planned']> = {};
  for (const [key, value] of Object.entries(attempt?.planned ?? {})) planned[key] = value.raw;
  return {
    ...(attempt ? { version: attempt.version } : { casting_id: draft.casting_id }),
    poured_on: draft.poured_on || null,
    verdict: draft.verdict as NonNullable<AttemptEntry['verdict']> | null,
    note: draft.note.trim() || null,
    planned,
    made,
    observations: draft.observations,
    heat: { id: draft.heat_id },
  };
}

/** Where the caster's version and the stored one differ, in words. */
export function differences(entry: AttemptEntry, current: Attempt, fields: readonly Field[]): { label: string; mine: string; stored: string }[] {
  const rows: { label: string; mine: string; stored: string }[] = [];
  const stored = { ...current.made, ...current.heat?.values };
  for (const field of fields) {
    const mine = entry.made?.[field.key];
    const theirs = stored[field.key];
    if (JSON.stringify(mine ?? null) !== JSON.stringify(theirs?.raw ?? null)) rows.push({ label: field.label, mine: words(mine), stored: theirs?.shown ?? 'blank' });
  }
  if ((entry.verdict ?? null) !== current.verdict) rows.push({ label: 'Verdict', mine: entry.verdict ?? 'blank', stored: current.verdict ?? 'blank' });
  if ((entry.note ?? null) !== current.note) rows.push({ label: 'Note', mine: entry.note ?? 'blank', stored: current.note ?? 'blank' });
  if ((entry.poured_on ?? null) !== current.poured_on) rows.push({ label: 'Poured on', mine: entry.poured_on ?? 'blank', stored: current.poured_on ?? 'blank' });
  if (JSON.stringify(entry.observations ?? []) !== JSON.stringify(current.observations))
    rows.push({ label: 'Noticed', mine: (entry.observations ?? []).join(', ') || 'blank', stored: current.observations.join(', ') || 'blank' });
  return rows;
}

function words(value: unknown): string {
  if (value === undefined || value === null) return 'blank';
  if (typeof value === 'object' && 'value' in value && 'unit' in value) return `${String(value.value)} ${String(value.unit)}`;
  return String(value);
}

/** A thumb finds one of a dozen; the rest comes when it is asked for. */
const AT_HAND = 12;

/** The castings to pick from, the latest first. The one that is chosen is always among them, however old it is. */
export function castingsAtHand<T extends { id: string }>(latest: readonly T[], chosen: T | undefined, all: boolean): T[] {
  const shown = all ? [...latest] : latest.slice(0, AT_HAND);
  return chosen && !shown.some((casting) => casting.id === chosen.id) ? [chosen, ...shown] : shown;
}
