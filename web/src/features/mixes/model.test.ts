import { describe, expect, it } from 'vitest';
import { keep, kept, outcomeWords, readParts, toGo } from './model';

describe('a mix', () => {
  it('reads parts with names of several words and figures with a comma', () => {
    expect(readParts('Water 38, Investment powder 100')).toEqual({ Water: '38', 'Investment powder': '100' });
    expect(readParts('Resin: 1,2; Catalyst = 0.36')).toEqual({ Resin: '1,2', Catalyst: '0.36' });
    expect(readParts('Water, with its binder 55')).toEqual({ Water: '', 'with its binder': '55' });
  });

  it('counts down, and says by how much it is over', () => {
    expect(toGo(245)).toBe('4:05');
    expect(toGo(7325)).toBe('2:02:05');
    expect(toGo(-61)).toBe('over by 1:01');
  });

  it('goes on over a reload, and takes nothing for a clock that is none', () => {
    const running = { recipe: 'Plaster', from: 1000, timers: [{ code: 'works', label: 'In place by', seconds: 480 }] };
    const rows = new Map<string, string>();
    const storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'> = {
      getItem: (key) => rows.get(key) ?? null,
      setItem: (key, value) => void rows.set(key, value),
      removeItem: (key) => void rows.delete(key),
    };
    keep(running, storage);
    expect(kept(storage)).toEqual(running);
    rows.set('mix clock', '{"from":');
    expect(kept(storage)).toBeNull();
    rows.set('mix clock', '{"from":"noon"}');
    expect(kept(storage)).toBeNull();
    keep(null, storage);
    expect(kept(storage)).toBeNull();
  });

  it('tells versions apart by what they came to', () => {
    const recipe = {
      code: 'x',
      own: true,
      version: 3,
      label: 'X',
      serves: [],
      by: 'volume' as const,
      of: 'water',
      parts: [],
      reserve: '12 %',
      works: null,
      keeps: null,
      columns: {},
      outcomes: [
        { version: 3, good: 2, usable: 0, scrap: 0 },
        { version: 1, good: 0, usable: 1, scrap: 2 },
      ],
    };
    expect(outcomeWords(recipe)).toEqual(['As it is now: 2 good.', 'As it was in version 1: 1 usable, 2 scrap.']);
  });
});
