// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { standIn } from '../../shared/testing/server';
import { freshShelf } from '../../shared/testing/shelf';

const server = standIn();
const { done, json, putAway, show } = await import('../../shared/testing/notebook');
const { CostPage } = await import('./CostPage');

const ask = (field: string, label: string, of: 'heat' | 'made') => ({ field, label, hint: '', of, raw: null, shown: '' });
const line = (code: string, label: string, middle: number | null) => ({
  code,
  label,
  shown: middle === null ? null : `${middle} EUR`,
  amount: middle === null ? null : { middle, low: 0.9 * middle, high: 1.1 * middle },
  words: `${label} in words.`,
  how: middle === null ? 'unknown' : 'measured',
  working: null,
});
const GOOD = { counts: 'good', sentence: 'A good one costs 40 EUR.', each: '40 EUR', failure: null, working: null, pours: [], savings: [] };
const COST = {
  attempt_id: 'a1',
  casting_id: 'c1',
  casting_name: 'Cleat',
  number: 2,
  state: 'judged',
  sentence: 'It cost at least 9 EUR.',
  total: '9 EUR',
  currency: 'EUR',
  lines: [line('metal', 'Metal', 9), line('energy', 'Energy of the melt', null)],
  hours: '3 h',
  heat_id: null,
  shares_its_heat: false,
  asks: [ask('melt.meter_before', 'Meter before lighting', 'heat'), ask('work.hands', 'Hands on, all in all', 'made')],
  used: [],
  consumables: [{ id: 't1', name: 'Grit paper' }],
  good: GOOD,
};

let cost: object = COST;
beforeEach(async () => {
  freshShelf();
  cost = COST;
  server.answers = { 'GET /api/attempts//cost': () => json(cost), 'POST /api/commands': done };
  server.bodies = [];
  await putAway();
});
afterEach(putAway);

describe('what a pour cost', () => {
  it('is told part by part, and what is not known says so', async () => {
    await show(<CostPage />);
    expect(await screen.findByText('It cost at least 9 EUR.')).toBeTruthy();
    expect(screen.getByText('not known')).toBeTruthy();
    expect(screen.getByText(/3 h hands on, which are not counted as money/)).toBeTruthy();
  });

  it('begins a melt with the first thing that is read of it, and keeps hours with the attempt', async () => {
    await show(<CostPage />);
    await userEvent.type(await screen.findByLabelText('Meter before lighting'), '4102.6 kWh');
    await userEvent.type(screen.getByLabelText('Hands on, all in all'), '3 h');
    await userEvent.click(screen.getAllByRole('button', { name: 'Keep it' })[0] as HTMLElement);
    await waitFor(() => expect(server.bodies).toHaveLength(1));
    const changes = server.bodies[0]?.changes ?? [];
    const heat = changes.find(({ part }) => part === 'heat');
    const attempt = changes.find(({ part }) => part === 'attempt');
    expect(heat?.create).toEqual({});
    expect(heat?.set?.['melt.meter_before']?.to).toBe('4102.6 kWh');
    expect(attempt?.set?.['heat']?.to).toBe(heat?.id);
    expect(attempt?.set?.['made.work.hands']?.to).toBe('3 h');
  });

  it('takes plain numbers for pieces and the rest for a mass', async () => {
    await show(<CostPage />);
    await userEvent.type(await screen.findByLabelText('How much, or how many'), '3');
    await userEvent.click(screen.getByRole('button', { name: 'It was used' }));
    await waitFor(() => expect(server.bodies).toHaveLength(1));
    expect(server.bodies[0]?.changes[0]).toMatchObject({
      part: 'movement',
      create: { of: 't1', kind: 'consumable_used' },
      set: { pieces: { to: '3' }, attempt: { to: 'a1' } },
    });
    await userEvent.type(screen.getByLabelText('How much, or how many'), '1.2 kg');
    await userEvent.click(screen.getByRole('button', { name: 'It was used' }));
    await waitFor(() => expect(server.bodies).toHaveLength(2));
    expect(server.bodies[1]?.changes[0]?.set).toMatchObject({ mass: { to: '1.2 kg' } });
  });

  it('may be for the whole melt where moulds share one', async () => {
    cost = { ...COST, heat_id: 'h1', shares_its_heat: true };
    await show(<CostPage />);
    await userEvent.type(await screen.findByLabelText('How much, or how many'), '30 g');
    await userEvent.click(screen.getByRole('radio', { name: 'The whole melt' }));
    await userEvent.click(screen.getByRole('button', { name: 'It was used' }));
    await waitFor(() => expect(server.bodies).toHaveLength(1));
    const set = server.bodies[0]?.changes[0]?.set ?? {};
    expect(set['heat']?.to).toBe('h1');
    expect(set['attempt']).toBeUndefined();
  });

  it('sends whoever has no consumables to their shelf', async () => {
    cost = { ...COST, consumables: [] };
    await show(<CostPage />);
    expect(await screen.findByRole('link', { name: 'shelf of consumables' })).toBeTruthy();
  });
});
