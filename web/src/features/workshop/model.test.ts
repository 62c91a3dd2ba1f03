import { describe, expect, it } from 'vitest';
import type { Workshop } from '../../shared/api';
import { metres, seenOf } from './model';

const told = (raw: unknown, shown: string) => ({ raw, shown });
const workshop: Workshop = {
  furnaces: [],
  crucibles: [],
  flasks: [],
  cutters: [],
  stock: [],
  consumables: [],
  heaps: [],
  recipes: [],
  costs: {},
  patterns: [],
  tariffs: { electric: 0.34 },
  safe_lift: told({ value: 15, unit: 'kg' }, '15 kg'),
  currency: 'EUR',
  school: null,
  version: 4,
  unreadable: [],
  learnt: [],
};

describe('the workshop', () => {
  it('stands in its entries as it was typed, and as it is stored behind them', () => {
    const seen = seenOf(workshop);
    expect([seen['workshop/tariffs.electric']?.raw, seen['workshop/safe_lift']?.shown, seen['workshop/school']]).toEqual([
      0.34,
      '15 kg',
      undefined,
    ]);
  });

  it('draws what was typed in any unit to one scale, and nothing where that is not said', () => {
    expect(metres(told({ value: 0.625, unit: 'in' }, '15.9 mm'))).toBeCloseTo(0.015875);
    expect(metres(told({ value: 600, unit: 'mL' }, '600 mL'))).toBeCloseTo(0.0006);
    expect([metres(undefined), metres(told('long', 'long')), metres(told({ value: 3, unit: 'furlong' }, '3'))]).toEqual([null, null, null]);
  });
});
