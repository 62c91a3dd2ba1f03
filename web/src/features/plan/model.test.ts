import { describe, expect, it } from 'vitest';
import type { Attempt, CastingSection } from '../../shared/api';
import { computed, draftOf, entryOf, measureText, newSection, withoutSection } from './model';

const attempt = {
  id: 'a',
  version: 3,
  state: 'planned',
  poured_on: null,
  verdict: null,
  note: null,
  observations: [],
  made: {},
  heat: null,
  planned: { 'gating.sprue': { raw: { value: 0.625, unit: 'in' }, shown: '15.9 mm' }, 'gating.gates': { raw: 2, shown: '2' } },
} as unknown as Attempt;

describe('the plan', () => {
  it('computes with what is stored, not with what it is shown as', () => {
    expect(computed(draftOf(attempt), attempt)).toEqual({ 'gating.sprue': { value: 0.625, unit: 'in' }, 'gating.gates': 2 });
  });

  it('sends what was typed once it is touched, and takes blanks out', () => {
    const draft = draftOf(attempt);
    const typed = { values: { ...draft.values, 'gating.sprue': '18 mm', 'gating.gates': '' }, touched: ['gating.sprue', 'gating.gates'] };
    expect(computed(typed, attempt)).toEqual({ 'gating.sprue': '18 mm' });
    expect(entryOf(typed, attempt).planned).toEqual({ 'gating.sprue': '18 mm' });
  });

  it('writes what was cut beside what was planned once it is poured', () => {
    const poured = { ...attempt, state: 'poured', poured_on: '2026-05-03' } as Attempt;
    const draft = { ...draftOf(poured), touched: ['gating.sprue'] };
    draft.values['gating.sprue'] = '20 mm';
    const entry = entryOf(draft, poured);
    expect(entry.made).toEqual({ 'gating.sprue': '20 mm' });
    expect(entry.planned?.['gating.sprue']).toEqual({ value: 0.625, unit: 'in' });
  });

  it('joins new sections to the first, and lets metal in there', () => {
    const first = newSection('plate', []);
    const boss = newSection('boss', [first]);
    expect([first.gates, boss.joins, boss.sits]).toEqual([1, first.id, 'top']);
  });

  it('keeps the casting in one piece when a section is taken out', () => {
    const sections: CastingSection[] = [
      { shape: 'plate', id: 'a' },
      { shape: 'bar', id: 'b', joins: 'a' },
      { shape: 'boss', id: 'c', joins: 'b' },
    ];
    expect(withoutSection(sections, 'b').map((section) => section.joins)).toEqual([undefined, 'a']);
    const rest = withoutSection(sections, 'a');
    expect(rest[0]?.joins).toBeUndefined();
    expect(rest[1]?.joins).toBe('b');
  });

  it('shows a stored measurement as it could be typed again', () => {
    expect(measureText({ value: 0.1875, unit: 'in' })).toBe('0.1875 in');
    expect(measureText('4 mm')).toBe('4 mm');
    expect(measureText(undefined)).toBe('');
  });
});
