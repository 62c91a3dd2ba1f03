import { describe, expect, it } from 'vitest';
import type { CastingSection, Field, PlanStage } from '../../shared/api';
import { attemptNotYet, computed, fieldsFor, grouped, measureText, newSection, withoutSection, warnings } from './model';

describe('the plan', () => {
  it('computes with what stands there, as it is stored or as it is typed, and leaves blanks out', () => {
    const values = {
      'gating.sprue': { raw: { value: 0.625, unit: 'in' }, shown: '15.9 mm' },
      'gating.runner_width': { raw: '18 mm', shown: '18 mm' },
      'gating.gates': { raw: '', shown: '' },
      'gating.well': null,
      'casting.sections': { raw: [{ shape: 'plate', length: '', thickness: '4 mm' }], shown: '1 section' },
    };
    expect(computed(values)).toEqual({
      'gating.sprue': { value: 0.625, unit: 'in' },
      'gating.runner_width': '18 mm',
      'casting.sections': [{ shape: 'plate', thickness: '4 mm' }],
    });
  });

  it('thinks of an attempt under the number it will get', () => {
    expect(attemptNotYet('b', { id: 'c', name: 'Cleat', purpose: null, next_number: 3 })).toMatchObject({
      id: 'b',
      number: 3,
      version: 0,
      state: 'planned',
    });
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

describe('the stages', () => {
  it('ask for what means something in this mould, in the order of the stage', () => {
    const field = (key: string, processes: string[] | null) => ({ key, processes }) as unknown as Field;
    const fields = [field('plaster.ratio', ['plaster']), field('sand.moisture', ['green_sand']), field('flask.length', null)];
    expect(fieldsFor('mould', fields, 'green_sand').map((one) => one.key)).toEqual(['flask.length', 'sand.moisture']);
    expect(fieldsFor('mould', fields, 'plaster').map((one) => one.key)).toEqual(['flask.length', 'plaster.ratio']);
    expect(fieldsFor('mould', fields, null).map((one) => one.key)).toEqual(['flask.length']);
  });

  it('put the worst of a kind first, and keep the kinds in their order', () => {
    const figure = (code: string, subject: string, standing: string, value: number) => ({ code, subject, standing, value: { value } });
    const stage = {
      figures: [
        figure('at_mould', '', 'plain', 950),
        figure('fill_ratio', 'boss', 'good', 7),
        figure('fill_ratio', 'rim', 'bad', 0.7),
        figure('fill_ratio', 'foot', 'good', 3),
      ],
    } as unknown as PlanStage;
    expect(grouped([stage]).map((one) => one.subject || one.code)).toEqual(['at_mould', 'rim', 'foot', 'boss']);
  });
});

describe('warnings', () => {
  it('are the risks that no figure says, the worst first', () => {
    const risk = (code: string, standing: 'bad' | 'risky', subject = '') => ({ code, words: code, subject, standing });
    const stage = {
      stage: 'mould',
      title: 'Mould',
      figures: [{ code: 'cope_weights', subject: '' }],
      missing: [],
      assumptions: [],
      risks: [risk('flask_small', 'risky'), risk('cope_weights', 'bad'), risk('metal_limit', 'bad')],
    } as unknown as PlanStage;
    expect(warnings([stage], []).map((one) => one.code)).toEqual(['metal_limit', 'flask_small']);
    expect(warnings([stage], ['metal_limit']).map((one) => one.code)).toEqual(['flask_small']);
  });
});
