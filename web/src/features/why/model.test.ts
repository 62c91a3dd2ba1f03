import { describe, expect, it } from 'vitest';
import type { Contribution } from '../../shared/api';
import { ledger, percent, weightWords } from './model';

const row = (kind: Contribution['kind'], log_odds: number): Contribution => ({
  kind,
  log_odds,
  words: '',
  fields: [],
  sign: null,
  fact: null,
});

describe('the evidence ledger', () => {
  it('puts the strongest first, whichever way it pulls, and keeps the base rate apart', () => {
    const { base, lines } = ledger([row('prior', -2), row('record', 0.4), row('detail', -1.5), row('finding', 1)]);
    expect(base?.log_odds).toBe(-2);
    expect(lines.map((line) => line.contribution.log_odds)).toEqual([-1.5, 1, 0.4]);
    expect(lines.map((line) => line.words)).toEqual(['lowered', 'raised', 'raised']);
  });

  it('never lets a bar run off the beam', () => {
    expect(ledger([row('record', 40), row('record', -40)]).lines.map((line) => line.reach)).toEqual([1, -1]);
  });

  it('claims no certainty', () => {
    expect(percent(0.9999)).toBe('> 99');
    expect(percent(0.0004)).toBe('< 1');
    expect(percent(0.574)).toBe('57');
    expect(weightWords(-2.2)).toBe('strongly');
  });
});
