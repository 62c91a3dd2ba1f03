import { describe, expect, it } from 'vitest';
import type { Workshop } from '../../shared/api';
import { draftOf, entryOf, readComposition } from './model';

const workshop: Workshop = {
  furnaces: [{ name: 'Kiln', source: 'electric', power: { value: 2, unit: 'kW' }, efficiency: { value: 25, unit: 'percent', upper: 35 } }],
  crucibles: [],
  flasks: [],
  cutters: [{ name: 'Tube', kind: 'tube', size: { value: 0.625, unit: 'in' } }],
  stock: [{ name: 'Wheels', mass: { value: 3, unit: 'kg' }, price: 2.2, composition: { Si: 7, Mg: 0.35 } }],
  tariffs: { electric: 0.34 },
  safe_lift: { value: 15, unit: 'kg' },
  currency: 'EUR',
  school: null,
  version: 4,
  unreadable: [],
  shown: {},
  learnt: { heats: 0, efficiency: null },
};

describe('the workshop', () => {
  it('comes back from its entries as it was', () => {
    const entry = entryOf(draftOf(workshop));
    expect(entry.furnaces?.[0]).toEqual({ name: 'Kiln', source: 'electric', power: '2 kW', efficiency: '25-35 %' });
    expect(entry.cutters?.[0]?.['size']).toBe('0.625 in');
    expect(entry.stock?.[0]?.composition).toEqual({ Si: '7 %', Mg: '0.35 %' });
    expect([entry.safe_lift, entry.version]).toEqual(['15 kg', 4]);
  });

  it('reads a composition with commas as decimals or between', () => {
    expect(readComposition('Si 7, Mg 0,35; Fe:0.15 %')).toEqual({ Si: '7 %', Mg: '0,35 %', Fe: '0.15 %' });
  });
});
