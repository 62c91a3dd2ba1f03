import type { Contribution } from '../../shared/api';

/** Log-odds beyond this reach the end of the beam; one more would tell nobody more. */
const FULL = 3.2;

export interface LedgerLine {
  contribution: Contribution;
  /** −1…1: how far the bar reaches to the left (lowered) or right (raised) of the plumb line. */
  reach: number;
  words: 'raised' | 'lowered';
}

/** The ledger of a cause, strongest first; the base rate stands apart. */
export function ledger(contributions: readonly Contribution[]): { base: Contribution | undefined; lines: LedgerLine[] } {
  const lines = contributions
    .filter((row) => row.kind !== 'prior')
    .map((contribution) => ({
      contribution,
      reach: Math.max(-1, Math.min(1, contribution.log_odds / FULL)),
      words: contribution.log_odds >= 0 ? ('raised' as const) : ('lowered' as const),
    }))
    .sort((a, b) => Math.abs(b.reach) - Math.abs(a.reach) || b.contribution.log_odds - a.contribution.log_odds);
  return { base: contributions.find((row) => row.kind === 'prior'), lines };
}

/** How much something weighs, in words: log-odds say little to most. */
export function weightWords(logOdds: number): string {
  const size = Math.abs(logOdds);
  if (size > 1.8) return 'strongly';
  if (size > 0.9) return 'clearly';
  return size > 0.35 ? 'somewhat' : 'a little';
}

export function percent(probability: number): string {
  if (probability > 0.99) return '> 99';
  return probability < 0.01 ? '< 1' : String(Math.round(probability * 100));
}
