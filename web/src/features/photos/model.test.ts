import { describe, expect, it } from 'vitest';
import type { Photo } from '../../shared/api';
import { alike, around } from './model';

const photo = (number: number, pins: { kind: string; section: string | null }[]): Photo => ({
  id: `p${number}`,
  version: 1,
  attempt_id: `a${number}`,
  number,
  verdict: null,
  taken_at: 0,
  width: 400,
  height: 300,
  caption: null,
  pins: pins.map((pin, index) => ({ finding: `f${index}`, label: pin.kind, x: 0.5, y: 0.5, ...pin })),
});

describe('what is put side by side', () => {
  it('is the same fault on the same section, in the order of the attempts, what came oftenest first', () => {
    const groups = alike(
      [
        photo(3, [{ kind: 'misrun', section: 'rim' }]),
        photo(1, [
          { kind: 'misrun', section: 'rim' },
          { kind: 'misrun', section: 'boss' },
        ]),
        photo(2, [{ kind: 'sink', section: null }]),
      ],
      (id) => id.toUpperCase(),
    );
    expect(groups[0]?.label).toBe('misrun, RIM');
    expect(groups[0]?.shots.map((shot) => shot.photo.number)).toEqual([1, 3]);
    expect(groups.map((group) => group.key)).toContain('misrun boss');
    expect(groups.map((group) => group.label)).toContain('sink');
    expect(alike([], String)).toEqual([]);
  });
});

describe('the window round a pin', () => {
  it('has the pin in its middle and never shows beyond the photo', () => {
    const middle = around({ width: 400, height: 300 }, 0.5, 0.5, 2);
    expect(middle.x).toBeCloseTo(50);
    expect(middle.y).toBeCloseTo(50);
    expect(around({ width: 400, height: 300 }, 0, 1, 2)).toMatchObject({ x: 0, y: 100 });
    expect(around({ width: 300, height: 400 }, 0.5, 0.5, 1).x).toBe(50);
  });
});
