// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { standIn } from '../../shared/testing/server';
import { freshShelf } from '../../shared/testing/shelf';

const server = standIn();
const { done, json, putAway, show } = await import('../../shared/testing/notebook');
const { WaysPage } = await import('./WaysPage');

const way = (process: string, name: string, shown: string, more: object = {}) => ({
  process,
  process_label: name,
  alloy: 'al_si7mg',
  alloy_label: 'Al-Si7Mg',
  name,
  ruled_out: false,
  cells: [{ question: 'hands', shown, low: 1, high: 2, best: false }],
  risks: [],
  planned: { 'mould.process': process, 'pattern.volume': { value: 90, unit: 'mL' } },
  ...more,
});
const WAYS = {
  attempt_id: 'a1',
  casting_id: 'c1',
  casting_name: 'Cleat',
  number: 2,
  sentence: 'None is better at anything beyond what is unsure of them.',
  questions: [{ question: 'hands', label: 'Hands on', words: 'Of yours.' }],
  ways: [
    way('green_sand', 'Green sand', '5 h'),
    way('plaster', 'Plaster', '8 h', {
      ruled_out: true,
      cells: [{ question: 'hands', shown: '8 h', low: null, high: null, best: true }],
      risks: [{ words: 'It breaks down.', standing: 'bad' }],
    }),
  ],
  bears: ['green_sand', 'lost_foam'],
  alloy: 'al_si7mg',
};
const HANDBOOK = {
  choices: {
    process: [
      { code: 'green_sand', label: 'Green sand', hint: '' },
      { code: 'plaster', label: 'Plaster', hint: '' },
      { code: 'lost_foam', label: 'Lost foam', hint: '' },
    ],
  },
  fields: [],
  alloys: [
    { code: 'al_si7mg', name: 'Al-Si7Mg' },
    { code: 'tin_bronze', name: 'Tin bronze' },
  ],
};

beforeEach(async () => {
  freshShelf();
  server.answers = {
    'GET /api/attempts//ways': () => json(WAYS),
    'GET /api/handbook': () => json(HANDBOOK),
    'POST /api/commands': done,
  };
  server.bodies = [];
  await putAway();
});
afterEach(putAway);

describe('ways side by side', () => {
  it('are told question by question, what cannot work first with its reason', async () => {
    await show(<WaysPage />);
    const row = (await screen.findByText('Hands on')).closest('[data-question]') as HTMLElement;
    expect(within(row).getByText('5 h')).toBeTruthy();
    expect(within(row).getByText('best')).toBeTruthy();
    expect(screen.getByText('will not work as it stands')).toBeTruthy();
    expect(screen.getByText('It breaks down.')).toBeTruthy();
  });

  it('begin an attempt with what that way takes', async () => {
    await show(<WaysPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Plan it this way Green sand' }));
    await waitFor(() => expect(server.bodies).toHaveLength(1));
    expect(server.bodies[0]?.changes[0]).toMatchObject({
      part: 'attempt',
      create: { casting: 'c1' },
      set: { 'planned.mould.process': { was: null, to: 'green_sand' }, 'planned.pattern.volume': { to: { value: 90, unit: 'mL' } } },
    });
  });

  it('can be two to four; another is one that bears the metal and is not there yet', async () => {
    await show(<WaysPage />);
    expect(await screen.findByLabelText('Process 2')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /Leave it out/ })).toBeNull();
    const options = within(screen.getByLabelText('Process 1')).getAllByRole('option');
    expect(options.map((option) => option.textContent)).toEqual(['Green sand', 'Plaster (does not bear this metal)', 'Lost foam']);
  });
});
