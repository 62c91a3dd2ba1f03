import { describe, expect, it } from 'vitest';
import { columnOf, readComposition, typed } from './model';

describe('what is kept of a thing', () => {
  it('stands in its entry as it was typed', () => {
    expect(typed('size', { raw: { value: 0.625, unit: 'in' }, shown: '15.9 mm' })).toBe('0.625 in');
    expect(typed('efficiency', { raw: { value: 25, unit: 'percent', upper: 35 }, shown: '25–35 %' })).toBe('25-35 %');
    expect(typed('composition', { raw: { Si: 7, Mg: 0.35 }, shown: 'Si 7, Mg 0.35' })).toBe('Si 7, Mg 0.35');
    expect(typed('alloy', { raw: 'al_si12', shown: 'Al-Si12' })).toBe('al_si12');
    expect(typed('heats', { raw: 6, shown: '6' })).toBe('6');
  });

  it('reads a composition with commas as decimals or between', () => {
    expect(readComposition('Si 7, Mg 0,35; Fe:0.15 %')).toEqual({ Si: '7 %', Mg: '0,35 %', Fe: '0.15 %' });
  });

  it('knows the columns of an entry, and says where there is none', () => {
    expect(columnOf('lot_charged', 'mass').type).toBe('quantity');
    expect(() => columnOf('lot_charged', 'colour')).toThrow('colour');
  });
});
