import type { Field } from '../../shared/api';

export type Stage = 'pattern' | 'mould' | 'gating' | 'feeding' | 'venting' | 'melt' | 'pour' | 'cooling';

export const STAGES: readonly { stages: readonly Stage[]; title: string }[] = [
  { stages: ['mould'], title: 'Mould' },
  { stages: ['melt'], title: 'Metal' },
  { stages: ['pour'], title: 'Pour' },
  { stages: ['gating'], title: 'Gating' },
  { stages: ['feeding', 'venting'], title: 'Riser and vents' },
  { stages: ['pattern', 'cooling'], title: 'Casting and cooling' },
];

/** A field is asked where it means something; with the process unknown, only what every process has. */
export function isAsked(field: Field, process: string | null): boolean {
  return field.processes === null || (process !== null && field.processes.includes(process));
}

/** Fields of another process that something stands in: kept, and shown apart. */
export function ofAnotherProcess(fields: readonly Field[], process: string | null, stands: (field: Field) => boolean): Field[] {
  return fields.filter((field) => field.processes !== null && !isAsked(field, process) && stands(field));
}

/** A thumb finds one of a dozen; the rest comes when it is asked for. */
const AT_HAND = 12;

/** The castings to pick from, the latest first. The one that is chosen is always among them, however old it is. */
export function castingsAtHand<T extends { id: string }>(latest: readonly T[], chosen: T | undefined, all: boolean): T[] {
  const shown = all ? [...latest] : latest.slice(0, AT_HAND);
  return chosen && !shown.some((casting) => casting.id === chosen.id) ? [chosen, ...shown] : shown;
}
