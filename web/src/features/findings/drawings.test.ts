import { expect, it } from 'vitest';
import { DEFECT_CODES } from '../../shared/api';
import { drawings } from './drawings';

it('draws every defect of the record, and nothing that is not one', () => {
  expect(DEFECT_CODES.length).toBeGreaterThan(40);
  expect(Object.keys(drawings).sort()).toEqual([...DEFECT_CODES].sort());
});

it('draws no two defects alike', () => {
  const drawn = Object.values(drawings).map((drawing) => JSON.stringify(drawing));
  expect(new Set(drawn).size).toBe(drawn.length);
});
