import { describe, expect, it } from 'vitest';
import type { Attempt, Field } from '../../shared/api';
import { castingsAtHand, differences, draftOf, entryOf, isAsked, withValue, type Draft } from './model';

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
});
const fields = [field('mould.process'), field('sand.moisture', ['green_sand']), field('gating.sprue')];

const attempt = {
  id: 'a',
  casting_id: 'c',
  casting_name: 'Cleat',
  number: 2,
  state: 'poured',
  poured_on: '2026-05-03',
  verdict: null,
  version: 7,
  note: null,
  planned: { 'gating.sprue': { raw: { value: 1.75, unit: 'in' }, shown: '44.5 mm' } },
  made: { 'mould.process': { raw: 'green_sand', shown: 'Green sand' }, 'gating.sprue': { raw: { value: 1.75, unit: 'in' }, shown: '44.5 mm' } },
  heat: null,
  observations: [],
  findings: [],
} as unknown as Attempt;

const blank: Draft = { id: 'n', casting_id: 'c', heat_id: null, poured_on: '2026-05-03', verdict: null, note: '', observations: [], values: {}, finding: null };

describe('the log form', () => {
  it('sends a measured value back as it was stored when nobody touched it', () => {
    const entry = entryOf(draftOf(attempt, '2026-05-04'), fields, attempt);
    expect(entry.made?.['gating.sprue']).toEqual({ value: 1.75, unit: 'in' });
    expect(entry.version).toBe(7);
  });

  it('sends what was typed when it was touched', () => {
    const draft = draftOf(attempt, '2026-05-04');
    draft.values = withValue(draft.values, 'gating.sprue', '2 in');
    expect(entryOf(draft, fields, attempt).made?.['gating.sprue']).toBe('2 in');
  });

  it('leaves blanks out, and values of another process', () => {
    let values = withValue({}, 'mould.process', 'lost_foam');
    values = withValue(values, 'sand.moisture', '5 %');
    values = withValue(values, 'gating.sprue', '');
    expect(entryOf({ ...blank, values }, fields, null).made).toEqual({ 'mould.process': 'lost_foam' });
  });

  it('asks for sand only where there is sand', () => {
    expect(isAsked(field('x', ['green_sand']), 'lost_foam')).toBe(false);
    expect(isAsked(field('x', ['green_sand']), null)).toBe(false);
    expect(isAsked(field('x'), null)).toBe(true);
  });

  it('names what differs when two devices saved', () => {
    const draft = draftOf(attempt, '2026-05-04');
    draft.values = withValue(draft.values, 'gating.sprue', '50 mm');
    draft.note = 'mine';
    expect(differences(entryOf(draft, fields, attempt), attempt, fields)).toEqual([
      { label: 'gating.sprue', mine: '50 mm', stored: '44.5 mm' },
      { label: 'Note', mine: 'mine', stored: 'blank' },
    ]);
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
