import { describe, expect, it } from 'vitest';
import type { Finding, Section } from '../../shared/api';
import { frame, leaders, letters, outlinePath, pins } from './model';

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
});

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
    const named = leaders(section, frame(section, 900));
    expect(named.map((leader) => leader.text)).toContain('2 vents');
    const ys = named.map((leader) => leader.to[1]);
    for (let i = 1; i < ys.length; i++) expect((ys[i] ?? 0) - (ys[i - 1] ?? 0)).toBeGreaterThanOrEqual(27);
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
    expect(leaders(risky, frame(risky, 900)).map((leader) => leader.standing)).toContain('bad');
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

  it('draws no leader across another', () => {
    const risk = (x: number, short: string) => ({
      words: short,
      short,
      standing: 'bad' as const,
      subject: short,
      at: [x, -8 - x / 100] as [number, number],
      stage: 'filling',
      code: short,
    });
    const crowded: Section = { ...section, risks: [risk(20, 'a'), risk(140, 'b'), risk(60, 'c'), risk(100, 'd')] };
    const drawn = leaders(crowded, frame(crowded, 900)).filter((leader) => leader.standing === 'bad');
    // All point at nearly one height, and the labels fan out below it: the nearest place belongs to the highest label.
    expect(drawn.map((leader) => leader.text)).toEqual(['b', 'd', 'c', 'a']);
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
