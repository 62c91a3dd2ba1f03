// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { standIn } from '../../shared/testing/server';
import { freshShelf } from '../../shared/testing/shelf';
import { drawnScale, usesWords } from './model';

const server = standIn();
const { done, json, problem, putAway, show } = await import('../../shared/testing/notebook');
const { PatternPage } = await import('./PatternPage');

const stage = (id: string | null, name: string, scale: number, size: string | null) => ({
  id,
  name,
  form: id === null ? 'The casting' : 'Wax patterns',
  step: id === null ? '1.3 %' : null,
  how: id === null ? 'usual' : 'first',
  scale,
  shown: scale.toFixed(4),
  size,
  working: null,
});
const pattern = (edge: string, size: string | null) => ({
  line: {
    id: 'p1',
    name: 'Waxes',
    form: 'wax',
    form_label: 'Wax patterns',
    serves: ['plaster'],
    kept: 'cool box',
    taken_from: null,
    uses: 2,
    left: 1,
    worn: null,
    is_out: false,
    words: ['One is left, and no spare.'],
    standing: 'risky',
  },
  version: 1,
  columns: {},
  keep: 'Cool.',
  stages: [stage('p1', 'Waxes', 1.0132, size), stage(null, 'Al-Si7Mg', 1, null)],
  alloy: 'al_si7mg',
  edge,
  doubts: [],
  uses_left: null,
  moulds: [],
  tally: '',
  since_change: '',
  learnt: [],
  taken: [],
  entries: [
    {
      id: 'm1',
      version: 1,
      kind: 'pattern_made',
      title: 'More made',
      at: 1764300000,
      columns: { count: { raw: 3, shown: '3' } },
      unreadable: [],
    },
  ],
});

let answer: () => Response;
beforeEach(async () => {
  freshShelf();
  answer = () => json(pattern('', null));
  server.answers = {
    'GET /api/patterns/': () => answer(),
    'GET /api/patterns': () => json({ patterns: [], short: [] }),
    'GET /api/handbook': () => json({ choices: {}, fields: [], alloys: [{ code: 'al_si7mg', name: 'Al-Si7Mg' }] }),
    'POST /api/commands': done,
  };
  server.bodies = [];
  await putAway();
});
afterEach(putAway);

describe('a pattern', () => {
  it('says what speaks against the next mould, where it is kept, and what its book holds', async () => {
    await show(<PatternPage />);
    expect(await screen.findByText('One is left, and no spare.')).toBeTruthy();
    expect(screen.getByText('Kept: cool box.')).toBeTruthy();
    expect(screen.getByText('pieces 3')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Made more' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Used elsewhere' })).toBeNull();
  });

  it('keeps what it told when an edge cannot be read, and says so where it was typed', async () => {
    await show(<PatternPage />);
    answer = () => json(pattern('100.0 mm', '101.3 mm'));
    await userEvent.type(await screen.findByLabelText('An edge of the casting is to measure'), '100 mm');
    await userEvent.click(screen.getByRole('button', { name: 'Work it out' }));
    expect(await screen.findByText('For 100.0 mm on the casting, Waxes must measure 101.3 mm.')).toBeTruthy();
    answer = () => problem(422, { problems: [{ pointer: '/edge', code: 'quantity.unreadable', message: 'This is no length.' }] });
    await userEvent.type(screen.getByLabelText('An edge of the casting is to measure'), ' or so');
    await userEvent.click(screen.getByRole('button', { name: 'Work it out' }));
    expect(await screen.findByText('This is no length.')).toBeTruthy();
    await waitFor(() => expect(screen.getByText('For 100.0 mm on the casting, Waxes must measure 101.3 mm.')).toBeTruthy());
  });
});

describe('words of a pattern', () => {
  it('count pieces where they are used up, and uses elsewhere', () => {
    expect([0, 1, 4].map((left) => usesWords({ left, uses: 9 }))).toEqual(['none left', 'one left', '4 left']);
    expect([0, 1, 9].map((uses) => usesWords({ left: null, uses }))).toEqual(['not used yet', 'used once', 'used 9 times']);
  });

  it('draws what is added tenfold', () => {
    expect(drawnScale(1)).toBe(1);
    expect(drawnScale(1.03)).toBeCloseTo(1.3);
  });
});
