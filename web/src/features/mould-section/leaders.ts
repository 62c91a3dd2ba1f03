import type { Section, SectionPart } from '../../shared/api';
import { asPoint, boxOf, type Box, type Frame, type Point, type Room } from './model';

export interface Leader {
  key: string;
  text: string;
  /** A risk is written with its mark; a name without. */
  standing: 'plain' | 'risky' | 'bad';
  title: string;
  subject: string;
  /** From the place it is about to its words, at right angles within the mould. */
  line: readonly Point[];
  /** Where its words begin, or end where they stand on the left. */
  to: Point;
  ends: 'start' | 'end';
}

type Exit = 'left' | 'right' | 'up';

/** Words for a place of the mould and the side they leave it by; millimetres. */
export interface Tag {
  key: string;
  text: string;
  standing: Leader['standing'];
  title: string;
  subject: string;
  at: Point;
  exit: Exit;
}

type Wanted = Omit<Tag, 'at' | 'exit'> & { at: readonly Point[] };

const NAMED: readonly string[] = ['riser', 'vent', 'gate', 'runner', 'chill'];
const SOLID: readonly string[] = ['cavity', 'sprue', 'basin', 'runner', 'gate', 'riser', 'chill'];
/** Rows of words above the mould; more would push it off the screen. */
const MOST_ABOVE = 3;
/** A letter, a risk's mark, the line up to the words, and the rim where none stand; in units of the drawing. */
const LETTER = 7.6;
const MARK = 20;
const LEAD = 46;
const BARE_SIDE = 30;
const LINE = 27;
const ROW = 24;

/** Room that the words want beside and above the mould, in units of the drawing. */
export function roomFor(tags: readonly Tag[]): Room {
  const beside = (exit: Exit) =>
    Math.max(
      BARE_SIDE,
      ...tags.filter((tag) => tag.exit === exit).map((tag) => LEAD + (tag.standing === 'plain' ? 0 : MARK) + tag.text.length * LETTER),
    );
  return { left: beside('left'), right: beside('right'), top: tags.filter((tag) => tag.exit === 'up').length * ROW };
}

/**
 * Names and risks, each with the side it leaves the mould by, of those that are free: the one on which its line meets the fewest parts
 * and no other line, the nearer of two alike. Several gates or vents share one name with their count.
 */
export function tags(section: Section, named = true, sides: readonly Exit[] = ['left', 'right', 'up']): Tag[] {
  const { bounds } = section;
  const boxes = section.parts.filter((part) => SOLID.includes(part.kind)).map((part) => boxOf(part));
  const near = 0.02 * (bounds.top - bounds.bottom);
  const placed: { tag: Tag; run: Box }[] = [];
  const wanted = [...risks(section), ...(named ? names(section) : [])];
  for (const want of wanted) {
    let best: { tag: Tag; run: Box; cost: number } | null = null;
    const isFull = placed.filter(({ tag }) => tag.exit === 'up').length >= MOST_ABOVE || !named;
    const exits = sides.filter((exit) => exit !== 'up' || !isFull);
    for (const [rank, at] of want.at.entries()) {
      for (const exit of exits) {
        const run = runOf(at, exit, bounds);
        const parts = boxes.filter((box) => !holds(box, at) && meets(run, box, 0)).length;
        const lines = placed.filter((other) => meets(run, other.run, near)).length;
        const way =
          exit === 'up' ? (run.top - run.bottom) / (bounds.top - bounds.bottom) : (run.right - run.left) / (bounds.right - bounds.left);
        const cost = 10 * lines + 4 * parts + way + 0.15 * rank + (exit === 'up' ? 0.5 : 0);
        if (best === null || cost < best.cost) best = { tag: { ...want, at, exit }, run, cost };
      }
    }
    if (best) placed.push(best);
  }
  return placed.map(({ tag }) => tag);
}

/** Where the words stand: in columns left and right of the mould and rows above it, never closer than a line's height. */
export function leaders(section: Section, drawing: Frame, found: readonly Tag[]): Leader[] {
  const { bounds } = section;
  const [x0, y0] = drawing.place([bounds.left, bounds.top]);
  const [x1] = drawing.place([bounds.right, bounds.bottom]);
  const side = (exit: Exit): Leader[] => {
    const own = found
      .filter((tag) => tag.exit === exit)
      .map((tag) => ({ tag, from: drawing.place(tag.at) }))
      .sort((a, b) => a.from[1] - b.from[1] || (exit === 'left' ? a.from[0] - b.from[0] : b.from[0] - a.from[0]));
    const ys = spread(
      own.map(({ from }) => from[1]),
      drawing,
    );
    const [edge, column] = exit === 'left' ? [x0 - 12, x0 - 34] : [x1 + 12, x1 + 34];
    return own.map(({ tag, from }, i) => {
      const y = (ys[i] ?? from[1]) - 5;
      return {
        ...tag,
        line: [from, [edge, from[1]], [column, y]],
        to: [exit === 'left' ? column - 6 : column + 6, y + 5],
        ends: exit === 'left' ? 'end' : 'start',
      };
    });
  };
  // The leftmost stands highest: its words run over the lines of the others, which end below it.
  const above = found
    .filter((tag) => tag.exit === 'up')
    .map((tag) => ({ tag, from: drawing.place(tag.at) }))
    .sort((a, b) => a.from[0] - b.from[0])
    .map(({ tag, from }, i, all): Leader => {
      const y = y0 - 14 - ROW * (all.length - 1 - i);
      return { ...tag, line: [from, [from[0], y]], to: [from[0] + 7, y + 4], ends: 'start' };
    });
  return [...side('left'), ...above, ...side('right')];
}

/** Pushes words apart: downwards from the first, then up again where the last would leave the drawing. */
function spread(wanted: readonly number[], drawing: Frame): number[] {
  let next = drawing.margin.top + 4;
  const ys = wanted.map((y) => {
    const own = Math.max(next, y + 5);
    next = own + LINE;
    return own;
  });
  let floor = drawing.height - 8;
  for (let i = ys.length - 1; i >= 0; i--) {
    ys[i] = Math.min(ys[i] ?? floor, floor);
    floor = (ys[i] ?? floor) - LINE;
  }
  return ys;
}

function risks(section: Section): Wanted[] {
  return section.risks.map((risk) => ({
    key: `risk-${risk.code}-${risk.subject}`,
    text: risk.short,
    standing: risk.standing === 'bad' ? 'bad' : 'risky',
    title: risk.words,
    subject: risk.subject,
    at: [asPoint(risk.at)],
  }));
}

/** A section of the casting is named by its own label, unless a risk names it already. */
function names(section: Section): Wanted[] {
  const told = new Set(section.risks.map((risk) => risk.subject));
  const bodies = [...new Set(section.parts.filter((part) => part.kind === 'cavity').map((part) => part.subject))];
  const name = (part: SectionPart, text: string): Wanted => ({
    key: `name-${part.id}`,
    text,
    standing: 'plain',
    title: text,
    subject: part.subject,
    at: anchors(part),
  });
  const casting = bodies.flatMap((subject) => {
    const part = section.parts.filter((one) => one.kind === 'cavity' && one.subject === subject).at(-1);
    return part && !(subject !== '' && told.has(subject)) ? [name(part, subject === '' ? part.label : `${part.label} ${part.value}`)] : [];
  });
  const rest = NAMED.flatMap((kind) => {
    const parts = section.parts.filter((part) => part.kind === kind);
    const last = parts.at(-1);
    // A risk that is written at it names it already.
    if (!last || parts.some((part) => section.risks.some((risk) => holds(boxOf(part), asPoint(risk.at))))) return [];
    const label = parts.length > 1 ? `${parts.length} ${last.label.toLowerCase()}s` : last.label;
    return [name(last, [label, kind === 'runner' ? '' : last.value].filter(Boolean).join(' '))];
  });
  return [...casting, ...rest];
}

/** Where a line may touch a part, the middle first: within it, whatever its outline. Tall parts near their top, out of the crowd. */
function anchors(part: SectionPart): Point[] {
  const { left, right, bottom, top } = boxOf(part);
  const [x, y] = [(left + right) / 2, (bottom + top) / 2];
  const lift = part.kind === 'vent' || part.kind === 'riser' ? 0.55 * (top - y) : 0;
  const [w, h] = [(right - left) / 4, (top - bottom) / 4];
  const at: Point[] = [
    [x, y + lift],
    [x, y + h],
    [x, y - h],
    [x + w, y + lift],
    [x - w, y + lift],
    [x + w, y + h],
    [x - w, y - h],
  ];
  return at.filter((point, i) => i === 0 || within(part, point));
}

function within(part: SectionPart, [x, y]: Point): boolean {
  let inside = false;
  part.outline.forEach((pair, i) => {
    const [ax, ay] = asPoint(pair);
    const [bx, by] = asPoint(part.outline[(i + 1) % part.outline.length] ?? pair);
    if (ay > y !== by > y && x < ax + ((y - ay) * (bx - ax)) / (by - ay)) inside = !inside;
  });
  return inside;
}

/** The run of a line from its place to the edge of the mould. */
function runOf([x, y]: Point, exit: Exit, bounds: Section['bounds']): Box {
  if (exit === 'up') return { left: x, right: x, bottom: y, top: bounds.top };
  return exit === 'left' ? { left: bounds.left, right: x, bottom: y, top: y } : { left: x, right: bounds.right, bottom: y, top: y };
}

function holds(box: Box, [x, y]: Point): boolean {
  return x >= box.left && x <= box.right && y >= box.bottom && y <= box.top;
}

function meets(a: Box, b: Box, near: number): boolean {
  return a.left <= b.right + near && b.left <= a.right + near && a.bottom <= b.top + near && b.bottom <= a.top + near;
}
