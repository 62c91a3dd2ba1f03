import { describe, expect, it } from 'vitest';
import type { Workshop } from '../../shared/api';
import { readComposition, seenOf } from './model';

const told = (raw: unknown, shown: string) => ({ raw, shown });
const workshop: Workshop = {
  furnaces: [
    {
      id: 'f',
      version: 1,
      columns: {
        name: told('Kiln', 'Kiln'),
        power: told({ value: 2, unit: 'kW' }, '2 kW'),
        efficiency: told({ value: 25, unit: 'percent', upper: 35 }, '25–35 %'),
      },
    },
  ],
  crucibles: [],
  flasks: [],
  cutters: [{ id: 'c', version: 1, columns: { name: told('Tube', 'Tube'), size: told({ value: 0.625, unit: 'in' }, '15.9 mm') } }],
  heaps: [],
  recipes: [],
  stock: [
    {
      id: 's',
      version: 2,
      columns: { name: told('Wheels', 'Wheels'), price: told(2.2, '2.2'), composition: told({ Si: 7, Mg: 0.35 }, 'Si 7, Mg 0.35') },
    },
  ],
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
    expect(seen['c/size']).toEqual({ raw: { value: 0.625, unit: 'in' }, shown: '0.625 in' });
    expect(seen['f/efficiency']?.shown).toBe('25-35 %');
    expect(seen['s/composition']).toEqual({ raw: { Si: 7, Mg: 0.35 }, shown: 'Si 7, Mg 0.35' });
    expect([seen['workshop/tariffs.electric']?.raw, seen['workshop/safe_lift']?.shown, seen['workshop/school']]).toEqual([
      0.34,
      '15 kg',
      undefined,
    ]);
  });

  it('reads a composition with commas as decimals or between', () => {
    expect(readComposition('Si 7, Mg 0,35; Fe:0.15 %')).toEqual({ Si: '7 %', Mg: '0,35 %', Fe: '0.15 %' });
  });
});
