import { describe, expect, it } from 'vitest';
import type { LotLine } from '../../shared/api';
import { asShare, boards, pile, pileWidth, refusedFor, stripOf } from './model';

const lot = (name: string, kg: number, family: string | null): LotLine => ({
  id: name,
  name,
  alloy: null,
  metal: '',
  family,
  what: null,
  kg,
  shown: `${kg} kg`,
  pieces: null,
  remelts: 0,
  known: '',
  caution: '',
  made: '',
  sentence: '',
  standing: 'plain',
});

describe('the shelf of metal', () => {
  it('draws as many ingots as there are, the foot of the stack widest, none above another’s edge', () => {
    const bars = pile(4, 6, 4, 120);
    expect(bars).toHaveLength(6);
    const rows = new Map<number, number>();
    for (const { y } of bars) rows.set(y, (rows.get(y) ?? 0) + 1);
    expect([...rows.values()]).toEqual([3, 2, 1]);
    for (const { x, width } of bars) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x + width).toBeLessThanOrEqual(120.001);
    }
    expect(pile(0, 0, 4, 120)).toEqual([]);
  });

  it('draws more metal wider, and the least so that it can still be touched', () => {
    expect(pileWidth(4, 4)).toBe(1);
    expect(pileWidth(1, 4)).toBeCloseTo(0.5);
    expect(pileWidth(0.0001, 4)).toBe(0.16);
    expect(pileWidth(0, 0)).toBe(0);
  });

  it('puts lots on the board of their metal, the heaviest first, what is used up on none', () => {
    const families = [
      { family: 'aluminium', label: 'Aluminium', shown: '3 kg' },
      { family: '', label: 'Alloy not said', shown: '1 kg' },
    ];
    const all = boards([lot('b', 1, 'aluminium'), lot('a', 2, 'aluminium'), lot('gone', 0, 'aluminium'), lot('x', 1, null)], families);
    expect(all.map((board) => board.lots.map((one) => one.name))).toEqual([['a', 'b'], ['x']]);
  });

  it('reads a share with its sign or without', () => {
    expect([asShare('6.2'), asShare(' 6,2 % '), asShare('0.062')]).toEqual(['6.2 %', '6,2 %', '0.062 %']);
  });

  it('finds what the notebook said against a field of what was pressed', () => {
    const problem = {
      status: 422,
      code: 'record.invalid',
      title: 'Not all of it could be read.',
      problems: [{ pointer: '/changes/1/set/mass', code: 'quantity.unreadable', message: 'This is no mass.' }],
    };
    expect(refusedFor({ state: 'refused', problem }, 'mass')).toBe('This is no mass.');
    expect(refusedFor({ state: 'refused', problem }, 'heat')).toBeUndefined();
    expect(refusedFor({ state: 'waiting', problem: null }, 'mass')).toBeUndefined();
  });

  it('lays window and spread on one strip', () => {
    const { at } = stripOf({ low: 6, high: 9, percent: 7, window: { low: 6.5, high: 7.5 } });
    const places = [6, 6.5, 7, 7.5, 9].map(at);
    expect(places).toEqual(places.toSorted((a, b) => a - b));
    expect(Math.min(...places)).toBeGreaterThan(0);
    expect(Math.max(...places)).toBeLessThan(1);
    expect(Number.isFinite(stripOf({ low: 0, high: 0, percent: 0, window: null }).at(0))).toBe(true);
  });
});
