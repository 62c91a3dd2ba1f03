import type { Finding, Section, SectionPart } from '../../shared/api';

export type Point = readonly [number, number];

export interface Frame {
  width: number;
  height: number;
  /** Millimetres of the mould to units of the drawing, y turned downwards. */
  place: (point: Point) => Point;
  /** Drawing units per millimetre. */
  scale: number;
  margin: { left: number; right: number; top: number; bottom: number };
}

const WIDE = { left: 84, right: 176, top: 30, bottom: 44 };
const NARROW = { left: 14, right: 14, top: 22, bottom: 44 };
/** Below this the drawing has a phone's margins. */
const NARROW_BELOW = 620;

/** A phone's: what is named beside a wide drawing stands under a narrow one. */
export function isNarrow(drawing: Frame): boolean {
  return drawing.margin.left === NARROW.left;
}

/** Fits the mould into a drawing of this width and at most this height; it stays to scale and stands in the middle. */
export function frame(section: Section, width: number, most = 460, bare = false): Frame {
  const margin = width < NARROW_BELOW ? (bare ? { ...NARROW, bottom: 14 } : NARROW) : WIDE;
  const { left, right, bottom } = section.bounds;
  const crown = crownOf(section);
  const byWidth = (width - margin.left - margin.right) / (right - left);
  const byHeight = (most - margin.top - margin.bottom) / (crown - bottom);
  const scale = Math.min(byWidth, byHeight);
  const spare = width - margin.left - margin.right - (right - left) * scale;
  return {
    width,
    height: margin.top + (crown - bottom) * scale + margin.bottom,
    scale,
    margin,
    place: ([x, y]) => [margin.left + spare / 2 + (x - left) * scale, margin.top + (crown - y) * scale],
  };
}

/** Cup and basin stand above the mould: the drawing must reach up to them. */
function crownOf(section: Section): number {
  return Math.max(section.bounds.top, ...section.parts.flatMap((part) => part.outline.map((point) => point[1] ?? 0)));
}

export function asPoint(pair: readonly number[]): Point {
  return [pair[0] ?? 0, pair[1] ?? 0];
}

/** A closed outline as an SVG path. */
export function outlinePath(outline: readonly (readonly number[])[], place: Frame['place']): string {
  const at = (pair: readonly number[]) =>
    place(asPoint(pair))
      .map((n) => n.toFixed(1))
      .join(' ');
  return `${outline.map((pair, i) => `${i === 0 ? 'M' : 'L'}${at(pair)}`).join('')}Z`;
}

function centre(part: SectionPart): Point {
  const points = part.outline.map(asPoint);
  const xs = points.map((point) => point[0]);
  const ys = points.map((point) => point[1]);
  return [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
}

export interface Leader {
  key: string;
  text: string;
  /** A risk is written with its mark; a name without. */
  standing: 'plain' | 'risky' | 'bad';
  title: string;
  subject: string;
  from: Point;
  to: Point;
}

const NAMED: readonly string[] = ['riser', 'vent', 'gate', 'runner', 'chill'];

/**
 * Names and risks with leader lines, standing one under the other right of the mould and never closer than a line's height.
 * Several gates or vents share one name with their count; a section of the casting is named by its own label. On a phone only risks are
 * written.
 */
export function leaders(section: Section, drawing: Frame, named = true, lineHeight = 27): Leader[] {
  const x = drawing.width - drawing.margin.right + 20;
  const risks = section.risks.map((risk): Leader => ({
    key: `risk-${risk.code}-${risk.subject}`,
    text: risk.short,
    standing: risk.standing === 'bad' ? 'bad' : 'risky',
    title: risk.words,
    subject: risk.subject,
    from: drawing.place(asPoint(risk.at)),
    to: [x, drawing.place(asPoint(risk.at))[1]],
  }));
  const found = [...risks, ...(isNarrow(drawing) || !named ? [] : names(section, drawing, x))];
  found.sort((a, b) => a.from[1] - b.from[1]);
  return spread(found, drawing, lineHeight);
}

export interface Letter {
  letter: string;
  text: string;
  standing: Leader['standing'];
  title: string;
  at: Point;
}

/** The risks of a narrow drawing: a letter at each place, side by side where they would cover one another, their words below. */
export function letters(section: Section, drawing: Frame): Letter[] {
  const placed: Letter[] = [];
  for (const [index, risk] of section.risks.entries()) {
    const [x0, y] = drawing.place(asPoint(risk.at));
    const inside = (x: number) => Math.max(12, Math.min(drawing.width - 12, x));
    const isFree = (x: number) => placed.every((other) => Math.abs(other.at[0] - x) >= 22 || Math.abs(other.at[1] - y) >= 22);
    const steps = [0, 1, -1, 2, -2, 3, -3, 4, -4, 5, -5, 6, -6].map((step) => inside(inside(x0) + step * 23));
    const x = steps.find(isFree) ?? inside(x0);
    placed.push({
      letter: String.fromCharCode(65 + (index % 26)),
      text: risk.short,
      standing: risk.standing === 'bad' ? 'bad' : 'risky',
      title: risk.words,
      at: [x, y],
    });
  }
  return placed;
}

/** Pushes labels apart: downwards from the first, then up again where the last would leave the drawing. */
function spread(found: readonly Leader[], drawing: Frame, lineHeight: number): Leader[] {
  let next = drawing.margin.top + 4;
  const ys = found.map((leader) => {
    const y = Math.max(next, leader.to[1]);
    next = y + lineHeight;
    return y;
  });
  let floor = drawing.height - 8;
  for (let i = ys.length - 1; i >= 0; i--) {
    ys[i] = Math.min(ys[i] ?? floor, floor);
    floor = (ys[i] ?? floor) - lineHeight;
  }
  const placed = found.map((leader, i) => ({ ...leader, to: [leader.to[0], ys[i] ?? leader.to[1]] as Point }));
  return uncrossed(placed).sort((a, b) => a.to[1] - b.to[1]);
}

/** Two leaders that cross change places. Each change makes the two together shorter, so it comes to an end. */
function uncrossed(leaders: Leader[]): Leader[] {
  for (let again = true; again;) {
    again = false;
    for (const a of leaders) {
      for (const b of leaders) {
        if (a === b || !(length(a.from, b.to) + length(b.from, a.to) < length(a.from, a.to) + length(b.from, b.to) - 1e-6) || !cross(a, b))
          continue;
        [a.to, b.to] = [b.to, a.to];
        again = true;
      }
    }
  }
  return leaders;
}

function length(a: Point, b: Point): number {
  return Math.hypot(a[0] - b[0], a[1] - b[1]);
}

function cross(a: Leader, b: Leader): boolean {
  const side = (p: Point, q: Point, r: Point) => Math.sign((q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]));
  return side(a.from, a.to, b.from) * side(a.from, a.to, b.to) < 0 && side(b.from, b.to, a.from) * side(b.from, b.to, a.to) < 0;
}

function names(section: Section, drawing: Frame, x: number): Leader[] {
  const told = new Set(section.risks.map((risk) => risk.subject));
  const bodies = [...new Set(section.parts.filter((part) => part.kind === 'cavity').map((part) => part.subject))];
  const name = (part: SectionPart, text: string): Leader => {
    const from = drawing.place(anchor(part));
    return { key: `name-${part.id}`, text, standing: 'plain', title: text, subject: part.subject, from, to: [x, from[1]] };
  };
  const casting = bodies.flatMap((subject) => {
    const part = section.parts.filter((one) => one.kind === 'cavity' && one.subject === subject).at(-1);
    return part && !(subject !== '' && told.has(subject)) ? [name(part, subject === '' ? part.label : `${part.label} ${part.value}`)] : [];
  });
  const rest = NAMED.flatMap((kind) => {
    const parts = section.parts.filter((part) => part.kind === kind);
    const last = parts.at(-1);
    if (!last) return [];
    const label = parts.length > 1 ? `${parts.length} ${last.label.toLowerCase()}s` : last.label;
    return [name(last, [label, kind === 'runner' ? '' : last.value].filter(Boolean).join(' '))];
  });
  return [...casting, ...rest];
}

/** Tall parts are named near their top, so that the leader leaves the crowd. */
function anchor(part: SectionPart): Point {
  const [x, y] = centre(part);
  if (part.kind !== 'vent' && part.kind !== 'riser') return [x, y];
  const top = Math.max(...part.outline.map((point) => point[1] ?? 0));
  return [x, y + (top - y) * 0.55];
}

export interface Pin {
  number: number;
  at: Point;
  finding: Finding;
}

/** Findings pinned where they sit; several at one place stand side by side. */
export function pins(section: Section, findings: readonly Finding[], drawing: Frame): Pin[] {
  const taken = new Map<string, number>();
  return findings.flatMap((finding, index) => {
    const places = finding.places.length > 0 ? finding.places : ['everywhere'];
    return places.flatMap((name) => {
      const place = section.places[name];
      if (!place) return [];
      const before = taken.get(name) ?? 0;
      taken.set(name, before + 1);
      const [x, y] = drawing.place(asPoint(place));
      return [{ number: index + 1, at: [x + before * 24, y] as Point, finding }];
    });
  });
}
