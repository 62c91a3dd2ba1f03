import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { drawings } from './drawings';

it('draws every defect of the record, and nothing that is not one', () => {
  const table = readFileSync(new URL('../../../../core/Record/Data/defects.php', import.meta.url), 'utf8');
  const codes = [...table.matchAll(/^\s+\['([a-z_]+)', '[A-G]'/gm)].map((match) => match[1]);
  expect(codes.length).toBeGreaterThan(40);
  expect(Object.keys(drawings).sort()).toEqual([...codes].sort());
});

it('draws no two defects alike', () => {
  const drawn = Object.values(drawings).map((drawing) => JSON.stringify(drawing));
  expect(new Set(drawn).size).toBe(drawn.length);
});
