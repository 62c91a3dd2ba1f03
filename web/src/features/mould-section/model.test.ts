import { describe, expect, it } from 'vitest';
import type { Finding, Section } from '../../shared/api';
import { detailOf, isTooThin } from './detail';
import { leaders, roomFor, tags, type Leader } from './leaders';
import { frame, letters, outlinePath, pins, type Point } from './model';

const vent = (id: string) => ({
  id,
  kind: 'vent',
  label: 'Vent',
  value: '',
  outline: [
    [10, 0],
    [12, 0],
    [12, 90],
    [10, 90],
  ],
  fields: [],
  assumed: false,
  subject: '',
  holes: [],
});

const section: Section = {
  unit: 'mm',
  ground: 'sand',
  one_piece: false,
  bounds: { left: -50, right: 150, top: 100, bottom: -60 },
  parts: [
    {
      id: 'cavity',
      kind: 'cavity',
      label: 'Casting',
      value: '100 mm',
      outline: [
        [0, -10],
        [100, -10],
        [100, 10],
        [0, 10],
      ],
      fields: [],
      assumed: false,
      subject: '',
      holes: [],
    },
    {
      id: 'riser',
      kind: 'riser',
      label: 'Open riser',
      value: '40 mm',
      outline: [
        [60, 10],
        [80, 10],
        [80, 100],
        [60, 100],
      ],
      fields: [],
      assumed: false,
      subject: '',
      holes: [],
    },
    vent('vent-0'),
    vent('vent-1'),
  ],
  dimensions: [],
  risks: [],
  planned_parts: [],
  places: { thin_section: [30, 0], everywhere: [50, 0] },
};

const finding = (places: string[]): Finding => ({
  version: 1,
  id: 'x',
  kind: 'misrun',
  places,
  looks: [],
  shown_at: null,
  severity: null,
  note: null,
  section: null,
  pieces: [],
  number: null,
});

const drawn = (one: Section): Leader[] => {
  const named = tags(one);
  return leaders(one, frame(one, 900, 460, false, roomFor(named)), named);
};

/** How often two lines cross, counted on their pieces. */
const crossings = (a: readonly Point[], b: readonly Point[]): number => {
  const side = (p: Point, q: Point, r: Point) => Math.sign((q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]));
  let count = 0;
  for (let i = 1; i < a.length; i++)
    for (let j = 1; j < b.length; j++) {
      const [p, q, r, s] = [a[i - 1], a[i], b[j - 1], b[j]];
      if (p && q && r && s && side(p, q, r) * side(p, q, s) < 0 && side(r, s, p) * side(r, s, q) < 0) count++;
    }
  return count;
};

describe('the mould section', () => {
  it('is to scale: equal lengths in both directions stay equal', () => {
    const drawing = frame(section, 900);
    const [x0, y0] = drawing.place([0, 0]);
    const [x1, y1] = drawing.place([20, 20]);
    expect(x1 - x0).toBeCloseTo(y0 - y1);
    expect(x1 - x0).toBeCloseTo(20 * drawing.scale);
  });

  it('keeps the whole mould inside the drawing', () => {
    const drawing = frame(section, 600);
    const [, top] = drawing.place([0, section.bounds.top]);
    const [right, bottom] = drawing.place([section.bounds.right, section.bounds.bottom]);
    expect(top).toBeGreaterThanOrEqual(0);
    expect(bottom).toBeLessThan(drawing.height);
    expect(right).toBeLessThan(600);
  });

  it('names several vents once, with their count, and no name stands on another', () => {
    const named = drawn(section);
    expect(named.map((leader) => leader.text)).toContain('2 vents');
    for (const ends of ['start', 'end']) {
      const column = named.filter((leader) => leader.ends === ends && leader.line.length > 2).map((leader) => leader.to[1]);
      for (let i = 1; i < column.length; i++) expect((column[i] ?? 0) - (column[i - 1] ?? 0)).toBeGreaterThanOrEqual(27);
    }
  });

  it('pins two findings of one place side by side, and one without a place somewhere', () => {
    const pinned = pins(section, [finding(['thin_section']), finding(['thin_section']), finding([])], frame(section, 900));
    expect(pinned).toHaveLength(3);
    expect(pinned[1]?.at[0]).toBeGreaterThan(pinned[0]?.at[0] ?? 0);
  });

  it('writes risks beside their place, and on a phone only those', () => {
    const risky: Section = {
      ...section,
      risks: [
        {
          words: 'The rim may not fill.',
          short: 'may not fill 0.7 ×',
          standing: 'bad',
          subject: 'rim',
          at: [90, 0],
          stage: 'filling',
          code: 'fill_ratio',
        },
      ],
    };
    expect(drawn(risky).map((leader) => leader.standing)).toContain('bad');
    expect(letters(risky, frame(risky, 390)).map((letter) => [letter.letter, letter.text])).toEqual([['A', 'may not fill 0.7 ×']]);
  });

  it('keeps the letters of a narrow drawing apart and inside', () => {
    const one = { words: '', short: '', standing: 'bad', subject: '', holes: [], at: [section.bounds.right, 0], stage: '', code: 'x' };
    const crowded: Section = { ...section, risks: [one, one, one, one] };
    const drawing = frame(crowded, 390);
    const placed = letters(crowded, drawing).map((letter) => letter.at);
    placed.forEach(([x, y], i) => {
      expect(x).toBeLessThanOrEqual(drawing.width - 12);
      for (const [a, b] of placed.slice(0, i)) expect(Math.hypot(x - a, y - b)).toBeGreaterThan(11);
    });
  });

  it('draws no leader across another, nor one along another', () => {
    const risk = (x: number, y: number, short: string) => ({
      words: short,
      short,
      standing: 'bad' as const,
      subject: short,
      at: [x, y] as [number, number],
      stage: 'filling',
      code: short,
    });
    const crowded: Section = {
      ...section,
      risks: [risk(20, -5, 'a'), risk(140, 5, 'b'), risk(60, 0, 'c'), risk(100, 9, 'd'), risk(70, 60, 'e'), risk(-20, 40, 'f')],
    };
    const lines = drawn(crowded).map((leader) => leader.line);
    lines.forEach((one, i) => lines.slice(0, i).forEach((other) => expect(crossings(one, other)).toBe(0)));
  });

  it('leaves the mould by the side on which no part is in the way', () => {
    const gate: Section['parts'][number] = {
      ...vent('gate-0'),
      kind: 'gate',
      label: 'Gate',
      outline: [
        [-12, -4],
        [0, -4],
        [0, 4],
        [-12, 4],
      ],
    };
    const found = tags({ ...section, parts: [...section.parts, gate] });
    expect(found.find((tag) => tag.text === 'Gate')?.exit).toBe('left');
    expect(found.find((tag) => tag.text === 'Open riser 40 mm')?.exit).not.toBe('left');
  });

  it('shows what is too thin to be seen in a circle beside the mould, and nothing on a phone', () => {
    const thin: Section = {
      ...section,
      bounds: { left: -50, right: 400, top: 100, bottom: -60 },
      parts: section.parts.map((part) =>
        part.id === 'cavity'
          ? {
              ...part,
              outline: [
                [0, -1],
                [350, -1],
                [350, 1],
                [0, 1],
              ],
            }
          : part,
      ),
    };
    const roomy = frame(thin, 900, 300, false, { left: 150, right: 150, top: 0 });
    const shown = detailOf(thin, roomy, []);
    expect(shown?.times).toBeGreaterThanOrEqual(2);
    // Wholly within the drawing, and clear of the mould.
    expect((shown?.centre[0] ?? 0) - (shown?.radius ?? 0)).toBeGreaterThan(0);
    expect((shown?.centre[0] ?? 0) + (shown?.radius ?? 0)).toBeLessThan(roomy.place([-50, 0])[0]);
    expect(isTooThin(section, roomy)).toBe(false);
    expect(detailOf(thin, frame(thin, 390), [])).toBeNull();
    // Where words stand in its way it moves, where they stand all along it is left out.
    const word = { key: '', text: '', standing: 'plain' as const, title: '', subject: '', line: [], ends: 'end' as const };
    const [top, bottom] = [roomy.place([0, 100])[1], roomy.place([0, -60])[1]];
    for (const y of [top + 20, top + 70, top + 118, bottom - 20]) {
      const moved = detailOf(thin, roomy, [{ ...word, to: [60, y] as Point }]);
      const [over, under] = [(moved?.centre[1] ?? 0) - (moved?.radius ?? 0), (moved?.centre[1] ?? 0) + (moved?.radius ?? 0) + 21];
      expect(moved === null || under < y - 12 || over > y + 4).toBe(true);
    }
    expect(detailOf(thin, roomy, [{ ...word, to: [60, top + 20] as Point }])).not.toBeNull();
    const crowded = [30, 80, 130, 180, 230].map((down) => ({ ...word, to: [60, top + down] as Point }));
    expect(detailOf(thin, roomy, crowded)).toBeNull();
  });

  it('shrinks to scale where the height is short', () => {
    const low = frame(section, 1100, 240);
    expect(low.height).toBeLessThanOrEqual(241);
    const [x0] = low.place([0, 0]);
    const [x1] = low.place([10, 0]);
    expect(x1 - x0).toBeCloseTo(10 * low.scale);
  });

  it('draws closed outlines', () => {
    expect(
      outlinePath(
        [
          [0, 0],
          [10, 0],
          [10, 10],
        ],
        ([x, y]) => [x, y],
      ),
    ).toBe('M0.0 0.0L10.0 0.0L10.0 10.0Z');
  });
});
