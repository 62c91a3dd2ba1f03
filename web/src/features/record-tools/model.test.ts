import { expect, it } from 'vitest';
import type { History } from '../../shared/api';
import { takenBack } from './model';

const told = (raw: unknown) => ({ raw, shown: String(raw) });
const entry = (changes: { part: string; id: string; field: string; was: unknown; became: unknown }[]) =>
  ({
    id: 'c',
    changes: changes.map((row) => ({ ...row, label: row.field, was: told(row.was), became: told(row.became) })),
  }) as unknown as History['commands'][number];

it('takes a change back to what was, from what it became', () => {
  expect(takenBack(entry([{ part: 'attempt', id: 'a', field: 'note', was: 'first', became: 'second' }]))).toEqual([
    { part: 'attempt', id: 'a', set: { note: { was: 'second', to: 'first' } } },
  ]);
});

it('throws away what was begun, and nothing of its own fields one by one', () => {
  const changes = takenBack(
    entry([
      { part: 'attempt', id: 'a', field: 'heat', was: null, became: 'h' },
      { part: 'finding', id: 'f', field: 'created', was: null, became: true },
      { part: 'finding', id: 'f', field: 'kind', was: null, became: 'misrun' },
    ]),
  );
  expect(changes).toEqual([
    { part: 'finding', id: 'f', set: { binned: { was: false, to: true } } },
    { part: 'attempt', id: 'a', set: { heat: { was: 'h', to: null } } },
  ]);
});
