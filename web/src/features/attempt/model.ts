import type { Attempt, Choice, Field, Finding } from '../../shared/api';

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

/** An attempt in a line of the outbox. */
export function nameOf(attempt: Attempt): string {
  return `${attempt.casting_name}, no. ${attempt.number}`;
}

/** The sections as they count: as made where told, else as planned. */
function sectionsOf(attempt: Attempt): { id: string; label: string }[] {
  const raw = (attempt.made['casting.sections'] ?? attempt.planned['casting.sections'])?.raw;
  if (!Array.isArray(raw)) return [];
  return raw.flatMap((row: unknown) => {
    if (typeof row !== 'object' || row === null || !('id' in row) || typeof row.id !== 'string') return [];
    return [{ id: row.id, label: 'label' in row && typeof row.label === 'string' && row.label !== '' ? row.label : row.id }];
  });
}

/** Where on this attempt's castings a finding may sit. */
export function whereOf(attempt: Attempt): { sections: Choice[]; pieces: number } {
  const count = (attempt.made['casting.count'] ?? attempt.planned['casting.count'])?.raw;
  return {
    sections: sectionsOf(attempt).map(({ id, label }) => ({ code: id, label, hint: '' })),
    pieces: typeof count === 'number' ? count : 1,
  };
}

/** The section a finding sits on, in words; empty where none is told. */
export function sectionWords(attempt: Attempt, finding: Finding): string {
  if (finding.section === null) return '';
  const section = sectionsOf(attempt).find(({ id }) => id === finding.section);
  return `on the ${section ? section.label.toLowerCase() : 'section that is no more'}`;
}
