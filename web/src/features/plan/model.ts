import {
  PLAN_STEPS,
  SHAPES,
  type Attempt,
  type CastingSection,
  type Field,
  type FieldKey,
  type Figure,
  type PlanStage,
  type TypedEntry,
} from '../../shared/api';
import { isBlank, type Plain, type Stands } from '../../shared/record';

export const TABS = PLAN_STEPS;

export type Tab = (typeof TABS)[number]['step'];

/** What is added by hand; a mesh is read. */
export const SHAPE_LIST = (Object.keys(SHAPES) as CastingSection['shape'][]).filter((shape) => shape !== 'mesh');

export function shapeLabel(shape: CastingSection['shape']): string {
  return SHAPES[shape].label;
}

export function measuresOf(shape: CastingSection['shape']): readonly string[] {
  return SHAPES[shape].measures;
}

/** A new section joins the first; its name is the shape's, counted where there are several. */
export function newSection(shape: CastingSection['shape'], sections: readonly CastingSection[]): CastingSection {
  const alike = sections.filter((section) => section.shape === shape).length;
  let n = sections.length + 1;
  while (sections.some((section) => section.id === `s${n}`)) n++;
  const first = sections[0];
  return {
    shape,
    id: `s${n}`,
    label: `${shape === 'free' ? 'Part' : SHAPES[shape].label}${alike > 0 ? ` ${alike + 1}` : ''}`,
    ...(first ? { joins: first.id ?? 's1', sits: SHAPES[shape].onTop ? ('top' as const) : ('end' as const) } : { gates: 1 }),
  };
}

/** Taking a section out: what joined it joins what it joined. */
export function withoutSection(sections: readonly CastingSection[], id: string): CastingSection[] {
  const gone = sections.find((section) => section.id === id);
  const left = sections
    .filter((section) => section.id !== id)
    .map((section) => (section.joins === id ? { ...section, joins: gone?.joins ?? '' } : section));
  return left
    .map((section, index) => {
      if (index === 0 || section.joins) return section;
      return { ...section, joins: left[0]?.id ?? '' };
    })
    .map((section, index) => {
      if (index > 0) return section;
      const { joins: _joins, ...root } = section;
      void _joins;
      return root;
    });
}

/** A measurement as it is shown in its entry: what was typed, or the value with its unit. */
export function measureText(value: unknown): string {
  if (typeof value === 'string') return value;
  if (typeof value === 'object' && value !== null && 'value' in value && 'unit' in value) {
    const { value: number, unit } = value as { value: number; unit: string };
    return `${Number(number.toPrecision(6))} ${unit}`;
  }
  return '';
}

/** What is computed with: what stands on the screen, blanks left out. */
export function computed(values: Readonly<Record<string, Stands | null>>): Record<string, TypedEntry> {
  const entries: Record<string, TypedEntry> = {};
  for (const [key, value] of Object.entries(values))
    if (value !== null && !isBlank(value.raw)) entries[key] = withoutBlanks(value.raw) as TypedEntry;
  return entries;
}

/** A section with a blank measurement is told without it. */
export function withoutBlanks(raw: Plain): Plain {
  if (!Array.isArray(raw)) return raw;
  return raw.map((section) =>
    typeof section === 'object' && section !== null
      ? Object.fromEntries(Object.entries(section).filter(([, part]) => part !== '' && part !== null))
      : section,
  );
}

/** An attempt that is only thought of: it is stored with its first save, and not before. */
export function attemptNotYet(id: string, casting: { id: string; name: string; purpose: string | null; next_number: number }): Attempt {
  return {
    id,
    casting_id: casting.id,
    casting_name: casting.name,
    casting_purpose: casting.purpose,
    number: casting.next_number,
    state: 'planned',
    poured_on: null,
    verdict: null,
    process: null,
    process_label: null,
    alloy: null,
    alloy_label: null,
    pour_temperature: null,
    version: 0,
    name: null,
    note: null,
    planned: {},
    made: {},
    heat: null,
    observations: [],
    findings: [],
    answers: {},
    opinions: {},
    previous_id: null,
    next_id: null,
    changed_fields: [],
    cautions: [],
    section: {
      unit: 'mm',
      ground: 'sand',
      one_piece: false,
      bounds: { left: 0, right: 1, top: 1, bottom: 0 },
      parts: [],
      planned_parts: [],
      dimensions: [],
      places: {},
      risks: [],
    },
    risks: [],
    answers_of_plan: [],
    unreadable: [],
    kept: [],
    keeps: [],
    measured: [],
    sand: null,
    pattern: null,
    recipe: null,
  };
}

function asksOf(tab: Tab): readonly FieldKey[] {
  return TABS.find((known) => known.step === tab)?.asks ?? [];
}

/** Only what means something for this process, in the order of the tab. */
export function fieldsFor(tab: Tab, fields: readonly Field[], process: Plain): Field[] {
  return asksOf(tab).flatMap((key) =>
    fields.filter(
      (field) => field.key === key && (field.processes === null || (typeof process === 'string' && field.processes.includes(process))),
    ),
  );
}

const ORDER: Record<string, number> = { bad: 0, risky: 1, good: 2, plain: 3 };

/** Figures of one kind for several sections stand together, the worst first. */
export function grouped(stages: readonly PlanStage[]): Figure[] {
  return stages.flatMap((stage) => {
    const codes = [...new Set(stage.figures.map((figure) => figure.code))];
    return codes.flatMap((code) =>
      stage.figures
        .filter((figure) => figure.code === code)
        .sort((a, b) => (ORDER[a.standing] ?? 3) - (ORDER[b.standing] ?? 3) || a.value.value - b.value.value),
    );
  });
}

/** What is warned of and said neither by a figure nor already; the worst first. */
export function warnings(stages: readonly PlanStage[], said: readonly string[]): PlanStage['risks'] {
  return stages
    .flatMap((stage) =>
      stage.risks.filter(
        (risk) =>
          !said.some((words) => words.startsWith(risk.words)) &&
          !stage.figures.some((figure) => figure.code === risk.code && figure.subject === risk.subject),
      ),
    )
    .sort((a, b) => (ORDER[a.standing] ?? 3) - (ORDER[b.standing] ?? 3));
}

/** How many risks a tab holds, and whether one of them is bad. */
export function standingOf(stages: readonly PlanStage[]): 'bad' | 'risky' | null {
  const standings = stages.flatMap((stage) => stage.risks.map((risk) => risk.standing));
  return standings.includes('bad') ? 'bad' : standings.includes('risky') ? 'risky' : null;
}
