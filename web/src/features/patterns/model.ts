import type { PatternLine } from '../../shared/api';

/** How often it was used, or how many are left of what is used up. */
export function usesWords({ left, uses }: Pick<PatternLine, 'left' | 'uses'>): string {
  if (left !== null) return left === 0 ? 'none left' : left === 1 ? 'one left' : `${left} left`;
  return uses === 0 ? 'not used yet' : uses === 1 ? 'used once' : `used ${uses} times`;
}

/** Widths of the stages in a drawing where the casting is 1: what is drawn is ten times the difference, so that it can be seen. */
export function drawnScale(scale: number): number {
  return 1 + 10 * (scale - 1);
}
