import type { Section } from '../../shared/api';
import type { Leader } from './leaders';
import { boxOf, type Frame, type Point } from './model';

/** A place of the drawing too small to be seen, and the circle that shows it larger. */
export interface Detail {
  /** What it is about. */
  label: string;
  /** Its place in the drawing, and the circle there that is shown. */
  at: Point;
  around: number;
  /** Where it is shown larger. */
  centre: Point;
  radius: number;
  times: number;
}

/** Thinner than this a wall is a line. Units of the drawing. */
const TOO_THIN = 7;
const RADIUS = 46;
const WANTED = 26;
const MOST_TIMES = 8;
/** What its name takes under the circle, and how far it is moved down while words stand in its way. */
const UNDER = 22;
const STEP = 12;

/** Room that the circle wants left of the mould, in units of the drawing. */
export const DETAIL_ROOM = 2 * RADIUS + 26;

/** Whether a cut face of the casting is too thin to be seen. */
export function isTooThin(section: Section, drawing: Frame): boolean {
  return thinnestOf(section, drawing) !== null;
}

/**
 * The thinnest cut face of the casting, where it is too thin to be seen: left of the mould, above or below, where no words stand. Null
 * where there is none or no room for it.
 */
export function detailOf(section: Section, drawing: Frame, words: readonly Leader[]): Detail | null {
  const thinnest = thinnestOf(section, drawing);
  const { bounds } = section;
  const [x0, y0] = drawing.place([bounds.left, bounds.top]);
  const [, y1] = drawing.place([bounds.right, bounds.bottom]);
  if (!thinnest || x0 < DETAIL_ROOM) return null;
  // Its own name stands under it.
  const free = (y: number) => words.every(({ ends, to }) => ends !== 'end' || to[1] - y > RADIUS + UNDER + 16 || y - to[1] > RADIUS + 8);
  const [first, last] = [y0 + RADIUS + 4, y1 - RADIUS - UNDER];
  const steps = Math.max(0, Math.floor((last - first) / STEP));
  const y = [...Array.from({ length: steps + 1 }, (_, i) => first + i * STEP), last].find((at) => at >= first && free(at));
  if (y === undefined) return null;
  const times = Math.max(2, Math.min(MOST_TIMES, Math.round(WANTED / thinnest.thin)));
  // A long thin face is shown at its end, where it joins or stops.
  const at: Point = [
    thinnest.right - Math.min((thinnest.right - thinnest.left) / 2, RADIUS / times / 2),
    (thinnest.top + thinnest.bottom) / 2,
  ];
  return { label: thinnest.part.label, at, around: RADIUS / times, centre: [x0 - RADIUS - 18, y], radius: RADIUS, times };
}

function thinnestOf(section: Section, drawing: Frame) {
  const [thinnest = null] = section.parts
    .filter((part) => part.kind === 'cavity')
    .map((part) => {
      const box = boxOf(part);
      const [left, top] = drawing.place([box.left, box.top]);
      const [right, bottom] = drawing.place([box.right, box.bottom]);
      return { part, left, right, top, bottom, thin: Math.min(right - left, bottom - top) };
    })
    .filter(({ thin }) => thin > 0 && thin < TOO_THIN)
    .sort((a, b) => a.thin - b.thin);
  return thinnest;
}
