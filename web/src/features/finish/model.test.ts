import { describe, expect, it } from 'vitest';
import { curveOf, rampOf } from './model';

const stage = (celsius: number, seconds: number) => ({ label: '', set: '', limit: '', celsius, hold: '', seconds, then: '' });

describe('the curve of a heat treatment', () => {
  it('goes up, holds and comes down for each stage, inside its box, and holds the longer one longer', () => {
    const { points, holds } = curveOf([stage(540, 6 * 3600), stage(160, 3 * 3600)], 400, 100);
    expect(points).toHaveLength(7);
    expect(holds.map(({ index }) => index)).toEqual([0, 1]);
    for (const { x, y } of points) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(400.0001);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(100);
    }
    const long = (points[2]?.x ?? 0) - (points[1]?.x ?? 0);
    const short = (points[5]?.x ?? 0) - (points[4]?.x ?? 0);
    expect(long / short).toBeCloseTo(2);
    expect(points[1]?.y).toBeLessThan(points[4]?.y ?? 0);
  });

  it('is drawn where nothing is held', () => {
    expect(curveOf([], 100, 50).points).toHaveLength(1);
  });

  it('stands on the ramp by its heat', () => {
    expect([20, 160, 540, 700, 1000].map(rampOf)).toEqual([0, 1, 2, 3, 4]);
  });
});
