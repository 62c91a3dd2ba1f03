import type { Attempt, Field, ShownValue } from '../../shared/api';
import type { PartRef, Plain, Stands } from '../../shared/record';

/** The fields of an attempt and of its heat as drafts name them, with what stands in them. */
export function seenOf(attempt: Attempt): Record<string, Stands> {
  const seen: Record<string, Stands> = {};
  const plain = (field: string, raw: Plain) => raw !== null && (seen[`attempt/${field}`] = { raw, shown: String(raw) });
  const values = (prefix: string, of: Record<string, ShownValue>) => {
    for (const [key, value] of Object.entries(of)) seen[prefix + key] = standing(value);
  };
  values('attempt/planned.', attempt.planned);
  values('attempt/made.', attempt.made);
  values('heat/', attempt.heat?.values ?? {});
  for (const code of attempt.observations) plain(`observations.${code}`, true);
  plain('poured_on', attempt.poured_on);
  plain('verdict', attempt.verdict);
  plain('note', attempt.note);
  plain('name', attempt.name);
  plain('heat', attempt.heat?.id ?? null);
  plain('heap', attempt.sand?.id ?? null);
  plain('pattern', attempt.pattern?.id ?? null);
  plain('recipe', attempt.recipe);
  return seen;
}

export function standing(value: ShownValue): Stands {
  return {
    raw: value.raw as Plain,
    shown: typeof value.raw === 'number' || typeof value.raw === 'string' ? String(value.raw) : value.shown,
  };
}

/** Where a value is kept once it is made: with the heat what belongs to the melt, else with the attempt. */
export function madeField(field: Pick<Field, 'key' | 'keeper'>): string {
  return field.keeper === 'heat' ? `heat/${field.key}` : `attempt/made.${field.key}`;
}

/** An attempt and the heat it names; the heat comes about with the first thing that is told of it. */
export function partsOf(attempt: string, heat: string, heatIsThere: boolean): Record<string, PartRef> {
  return { attempt: { part: 'attempt', id: attempt }, heat: { part: 'heat', id: heat, ...(heatIsThere ? {} : { create: {} }) } };
}
