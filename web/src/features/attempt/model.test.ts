import { describe, expect, it } from 'vitest';
import type { Attempt, Field } from '../../shared/api';
import { seenOf } from './fields';
import { notMadeYet } from './model';

const fields = [
  { key: 'pour.temperature', label: 'Pour temperature', stage: 'pour', kind: 'quantity' },
  { key: 'gating.gates', label: 'Gates', stage: 'gating', kind: 'count' },
  { key: 'melt.charge', label: 'Charge', stage: 'melt', kind: 'quantity' },
  { key: 'casting.sections', label: 'Sections', stage: 'pattern', kind: 'sections' },
] as unknown as Field[];

const attempt = {
  id: 'a',
  version: 4,
  state: 'poured',
  poured_on: '2026-05-03',
  verdict: null,
  note: 'late light',
  observations: ['steam'],
  planned: {
    'pour.temperature': { raw: { value: 1300, unit: 'degF' }, shown: '704 °C' },
    'gating.gates': { raw: 2, shown: '2' },
    'melt.charge': { raw: { value: 2, unit: 'kg' }, shown: '2 kg' },
    'casting.sections': { raw: [], shown: '3 sections' },
  },
  made: { 'gating.gates': { raw: 1, shown: '1' } },
  heat: { id: 'h', melted_on: null, version: 1, values: { 'melt.charge': { raw: { value: 1.8, unit: 'kg' }, shown: '1.8 kg' } } },
} as unknown as Attempt;

describe('an attempt', () => {
  it('names what was planned and nobody noted when it was made; the heat counts as made', () => {
    expect(notMadeYet(attempt, fields)).toEqual([{ label: 'Pour temperature', planned: '704 °C' }]);
  });

  it('stands in the fields of a draft as it is stored, not as it is rounded for reading', () => {
    const seen = seenOf(attempt);
    expect(seen['attempt/planned.pour.temperature']).toEqual({ raw: { value: 1300, unit: 'degF' }, shown: '704 °C' });
    expect(seen['heat/melt.charge']?.raw).toEqual({ value: 1.8, unit: 'kg' });
    expect(seen['attempt/observations.steam']?.raw).toBe(true);
    expect([seen['attempt/note']?.raw, seen['attempt/heat']?.raw, seen['attempt/verdict']]).toEqual(['late light', 'h', undefined]);
  });
});
