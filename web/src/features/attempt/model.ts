import type { Attempt, Field } from '../../shared/api';

const TITLES: Record<string, string> = {
  pattern: 'Pattern',
  mould: 'Mould',
  gating: 'Gating',
  feeding: 'Feeding',
  venting: 'Venting',
  melt: 'Melt',
  pour: 'Pour',
  cooling: 'Cooling',
};

interface StageRows {
  stage: string;
  title: string;
  rows: { field: Field; planned: string | null; made: string | null }[];
}

/** The record in working order; only what was noted. Values of the heat count as made. */
export function stagesOf(attempt: Attempt, fields: readonly Field[]): StageRows[] {
  const made = { ...attempt.made, ...attempt.heat?.values };
  const stages = new Map<string, StageRows>();
  for (const field of fields) {
    const planned = attempt.planned[field.key]?.shown ?? null;
    const now = made[field.key]?.shown ?? null;
    if (planned === null && now === null) continue;
    const stage = stages.get(field.stage) ?? { stage: field.stage, title: TITLES[field.stage] ?? field.stage, rows: [] };
    stage.rows.push({ field, planned, made: now });
    stages.set(field.stage, stage);
  }
  return [...stages.values()];
}

/** Planned values of a poured attempt that nothing was noted for. */
export function notMadeYet(attempt: Attempt, fields: readonly Field[]): { label: string; planned: string }[] {
  return stagesOf(attempt, fields).flatMap((stage) =>
    stage.rows.flatMap((row) =>
      row.planned !== null && row.made === null && row.field.kind !== 'sections' ? [{ label: row.field.label, planned: row.planned }] : [],
    ),
  );
}
