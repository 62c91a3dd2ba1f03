import type { Finding, Section, SectionPart } from '../../shared/api';

export type Point = readonly [number, number];

interface Frame {
  width: number;
  height: number;
  /** Millimetres of the mould to units of the drawing, y turned downwards. */
  place: (point: Point) => Point;
  /** Drawing units per millimetre. */
  scale: number;
}

const MARGIN = { left: 74, right: 156, top: 64, bottom: 46 };

/** Fits the mould into a drawing of this width; the height follows, for it is to scale. */
export function frame(section: Section, width: number): Frame {
  const { left, right, top, bottom } = section.bounds;
  const crown = crownOf(section);
  const scale = (width - MARGIN.left - MARGIN.right) / (right - left);
  return {
    width,
    height: MARGIN.top + (crown - bottom) * scale + MARGIN.bottom,
    scale,
    place: ([x, y]) => [MARGIN.left + (x - left) * scale, MARGIN.top + (crown - y) * scale],
    ...(top > crown ? { height: MARGIN.top + (top - bottom) * scale + MARGIN.bottom } : {}),
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
  return (
    outline
      .map(
        (pair, i) =>
          `${i === 0 ? 'M' : 'L'}${place(asPoint(pair))
            .map((n) => n.toFixed(1))
            .join(' ')}`,
      )
      .join('') + 'Z'
  );
}

export function centre(part: SectionPart): Point {
  const points = part.outline.map(asPoint);
  const xs = points.map((point) => point[0]);
  const ys = points.map((point) => point[1]);
  return [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
}

export interface Leader {
  part: SectionPart;
  text: string;
  from: Point;
  to: Point;
}

const NAMED: readonly string[] = ['riser', 'vent', 'gate', 'runner', 'cavity'];

/**
 * Names with leader lines, standing one under the other right of the mould and never closer than a line's height.
 * Several gates or vents share one name with their count.
 */
export function leaders(section: Section, drawing: Frame, lineHeight = 30): Leader[] {
  const x = drawing.width - MARGIN.right + 22;
  const found = NAMED.flatMap((kind) => {
    const parts = section.parts.filter((part) => part.kind === kind);
    const last = parts.at(-1);
    if (!last) return [];
    const label = parts.length > 1 ? `${parts.length} ${plural(last.label)}` : last.label;
    const from = drawing.place(anchor(last));
    return [{ part: last, text: [label, kind === 'cavity' || kind === 'runner' ? '' : last.value].filter(Boolean).join(' '), from, to: [x, from[1]] as Point }];
  });
  found.sort((a, b) => a.from[1] - b.from[1]);
  let next = MARGIN.top - 20;
  return found.map((leader) => {
    const y = Math.max(next, leader.to[1]);
    next = y + lineHeight;
    return { ...leader, to: [leader.to[0], y] };
  });
}

/** Tall parts are named near their top, so that the leader leaves the crowd. */
function anchor(part: SectionPart): Point {
  const [x, y] = centre(part);
  if (part.kind !== 'vent' && part.kind !== 'riser') return [x, y];
  const top = Math.max(...part.outline.map((point) => point[1] ?? 0));
  return [x, y + (top - y) * 0.55];
}

function plural(word: string): string {
  return `${word.toLowerCase()}s`;
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
