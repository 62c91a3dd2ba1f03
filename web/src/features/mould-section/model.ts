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

/** Room for words beside and above the mould. */
export interface Room {
  left: number;
  right: number;
  top: number;
}

const WIDE = { top: 30, bottom: 44 };
const NO_ROOM: Room = { left: 30, right: 30, top: 0 };
const NARROW = { left: 14, right: 14, top: 22, bottom: 44 };
/** Below this the drawing has a phone's margins. */
const NARROW_BELOW = 620;

/** A phone's: what is named beside a wide drawing stands under a narrow one. */
export function isNarrow(drawing: Frame): boolean {
  return drawing.margin.left === NARROW.left;
}

/**
 * Fits the mould into a drawing of this width and at most this height; it stays to scale and stands in the middle, with room for words
 * beside and above it.
 */
export function frame(section: Section, width: number, most = 460, bare = false, room: Room = NO_ROOM): Frame {
  const margin =
    width < NARROW_BELOW
      ? bare
        ? { ...NARROW, bottom: 14 }
        : NARROW
      : { ...WIDE, left: room.left, right: room.right, top: WIDE.top + room.top };
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

/** Millimetres of the mould, y up. */
export interface Box {
  left: number;
  right: number;
  bottom: number;
  top: number;
}

export function boxOf(part: SectionPart): Box {
  const points = part.outline.map(asPoint);
  const [xs, ys] = [points.map((point) => point[0]), points.map((point) => point[1])];
  return { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) };
}

/** A closed outline as an SVG path. */
export function outlinePath(outline: readonly (readonly number[])[], place: Frame['place']): string {
  const at = (pair: readonly number[]) =>
    place(asPoint(pair))
      .map((n) => n.toFixed(1))
      .join(' ');
  return `${outline.map((pair, i) => `${i === 0 ? 'M' : 'L'}${at(pair)}`).join('')}Z`;
}

/** A closed outline with its holes, to be filled by the rule of even and odd. */
export function facePath(face: Pick<SectionPart, 'outline' | 'holes'>, place: Frame['place']): string {
  return [face.outline, ...face.holes].map((loop) => outlinePath(loop, place)).join('');
}

export interface Letter {
  letter: string;
  text: string;
  standing: 'risky' | 'bad';
  title: string;
  at: Point;
}

/** The risks of a narrow drawing: a letter at each place, their words below. */
export function letters(section: Section, drawing: Frame): Letter[] {
  const places = spread(
    section.risks.map((risk) => drawing.place(asPoint(risk.at))),
    23,
    drawing.width,
  );
  return section.risks.map((risk, index) => ({
    letter: String.fromCharCode(65 + (index % 26)),
    text: risk.short,
    standing: risk.standing === 'bad' ? 'bad' : 'risky',
    title: risk.words,
    at: places[index] ?? [0, 0],
  }));
}

/** Marks of this width at their places, side by side where they would cover one another, within the width of the drawing. */
export function spread(points: readonly Point[], wide: number, width: number): Point[] {
  const placed: Point[] = [];
  const inside = (x: number) => Math.max(12, Math.min(width - 12, x));
  for (const [x0, y] of points) {
    const isFree = (x: number) => placed.every((other) => Math.abs(other[0] - x) >= wide - 1 || Math.abs(other[1] - y) >= wide - 1);
    const steps = [0, 1, -1, 2, -2, 3, -3, 4, -4, 5, -5, 6, -6].map((step) => inside(inside(x0) + step * wide));
    placed.push([steps.find(isFree) ?? inside(x0), y]);
  }
  return placed;
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
