import type { Treatment } from '../../shared/api';

interface Point {
  x: number;
  y: number;
}

/** How long an oven rises and falls, as it is drawn. */
const RISE = 3600;

/** Temperature over time as a line in a box: up, held, down, stage after stage. */
export function curveOf(
  stages: Treatment['stages'],
  wide: number,
  high: number,
): { points: Point[]; holds: (Point & { index: number })[] } {
  const whole = stages.reduce((sum, stage) => sum + stage.seconds + 2 * RISE, 0) || 1;
  const hottest = Math.max(...stages.map((stage) => stage.celsius), 1);
  const x = (seconds: number) => (wide * seconds) / whole;
  const y = (celsius: number) => high - (high * 0.82 * celsius) / hottest;
  const points: Point[] = [{ x: 0, y: y(20) }];
  const holds: (Point & { index: number })[] = [];
  let at = 0;
  stages.forEach((stage, index) => {
    points.push({ x: x(at + RISE), y: y(stage.celsius) }, { x: x(at + RISE + stage.seconds), y: y(stage.celsius) });
    holds.push({ x: x(at + RISE + stage.seconds / 2), y: y(stage.celsius), index });
    at += stage.seconds + 2 * RISE;
    points.push({ x: x(at), y: y(20) });
  });
  return { points, holds };
}

/** Where on the ramp of temperature a heat of this many °C stands: 0 cold to 4 white. */
export function rampOf(celsius: number): 0 | 1 | 2 | 3 | 4 {
  return celsius < 120 ? 0 : celsius < 320 ? 1 : celsius < 600 ? 2 : celsius < 850 ? 3 : 4;
}
