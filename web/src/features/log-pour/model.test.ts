import { describe, expect, it } from 'vitest';
import type { Field } from '../../shared/api';
import { castingsAtHand, isAsked, ofAnotherProcess } from './model';

const field = (key: string, processes: string[] | null = null): Field => ({
  key,
  keeper: 'attempt',
  stage: 'mould',
  label: key,
  kind: 'quantity',
  choices: null,
  dimension: 'length',
  processes,
  hint: '',
  first: false,
});

describe('the log form', () => {
  it('asks for sand only where there is sand', () => {
    expect(isAsked(field('x', ['green_sand']), 'lost_foam')).toBe(false);
    expect(isAsked(field('x', ['green_sand']), null)).toBe(false);
    expect(isAsked(field('x'), null)).toBe(true);
  });

  it('keeps in sight what was typed of another process', () => {
    const fields = [field('sand.moisture', ['green_sand']), field('foam.density', ['lost_foam']), field('gating.sprue')];
    const typed = new Set(['sand.moisture', 'gating.sprue']);
    expect(ofAnotherProcess(fields, 'lost_foam', (one) => typed.has(one.key)).map((one) => one.key)).toEqual(['sand.moisture']);
  });
});

describe('the castings to pick from', () => {
  const castings = Array.from({ length: 30 }, (_, n) => ({ id: `c${n}` }));
  const ids = (picked: { id: string }[]) => picked.map((casting) => casting.id);

  it('are the latest dozen, and all of them when asked for', () => {
    expect(ids(castingsAtHand(castings, undefined, false))).toEqual(ids(castings.slice(0, 12)));
    expect(castingsAtHand(castings, undefined, true)).toHaveLength(30);
  });

  it('hold the chosen one, however old, and no casting twice', () => {
    expect(ids(castingsAtHand(castings, { id: 'c20' }, false))[0]).toBe('c20');
    expect(ids(castingsAtHand(castings, { id: 'older than the list' }, true))[0]).toBe('older than the list');
    expect(castingsAtHand(castings, { id: 'c3' }, false)).toHaveLength(12);
  });
});
