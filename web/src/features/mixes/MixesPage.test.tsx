// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { standIn } from '../../shared/testing/server';
import { freshShelf } from '../../shared/testing/shelf';

const server = standIn();
const { done, json, problem, putAway, show } = await import('../../shared/testing/notebook');
const { MixesPage } = await import('./MixesPage');

const recipe = (code: string, more: object = {}) => ({
  code,
  own: false,
  version: null,
  label: code === 'investment' ? 'Casting investment' : code,
  serves: ['plaster'],
  by: 'volume',
  of: 'water',
  parts: [
    { name: 'Water', parts: 40 },
    { name: 'Investment powder', parts: 100 },
  ],
  reserve: '12 %',
  works: '8 min at 20 °C',
  keeps: null,
  columns: {},
  outcomes: [],
  ...more,
});
const line = (name: string, shown: string) => ({
  name,
  each: shown,
  how: 'First.',
  consumable: null,
  figure: {
    code: 'part',
    label: name,
    shown,
    working: { formula: '', inputs: [], result: shown, spread: '', source: '', mark: 'derived' },
  },
});
const BATCH = {
  recipe: 'Casting investment',
  mass: '4 kg',
  fills: '2 L',
  batches: 1,
  lines: [line('Water', '1.14 kg'), line('Investment powder', '2.85 kg')],
  timers: [{ code: 'works', label: 'In place by', seconds: 360, shown: '6–10 min' }],
  warnings: [],
  cautions: ['Never top up.'],
};

/** What was asked of the server besides changes. */
let asked: unknown[] = [];
beforeEach(async () => {
  asked = [];
  freshShelf();
  server.answers = {
    'GET /api/recipes': () =>
      json({
        recipes: [recipe('investment'), recipe('foam coat', { by: 'area', of: 'air', serves: ['lost_foam'] })],
        waiting: [
          { id: 'a1', name: 'Porthole ring', number: 4, process: 'plaster' },
          { id: 'a2', name: 'Bow fairlead', number: 5, process: 'lost_foam' },
        ],
      }),
    'POST /api/batches': (body) => {
      asked.push(body);
      return json(BATCH);
    },
    'POST /api/commands': done,
  };
  server.bodies = [];
  await putAway();
});
afterEach(putAway);

const choose = async (words: string) => userEvent.click(await screen.findByRole('radio', { name: words }));

describe('a batch', () => {
  it('is asked for the moulds of its own process and what is typed, several flasks together', async () => {
    await show(<MixesPage />);
    await choose('Casting investment');
    expect(screen.queryByText('Bow fairlead, no. 5')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Porthole ring, no. 4' }));
    await userEvent.type(screen.getByLabelText('To be filled, several with +'), '1.2 L + 0,8 L; 30 mL');
    await userEvent.type(screen.getByLabelText('Temperature of the water'), '18 C');
    await userEvent.click(screen.getByRole('button', { name: 'Put it on the scale' }));
    await waitFor(() =>
      expect(asked).toEqual([
        {
          recipe: 'investment',
          attempts: ['a1'],
          volumes: ['1.2 L', '0,8 L', '30 mL'],
          area: null,
          coats: 1,
          temperature: '18 C',
          bucket: null,
        },
      ]),
    );
    const parts = await screen.findAllByRole('button', { name: /kg/ });
    expect(parts.map((one) => one.textContent)).toEqual([expect.stringContaining('Water'), expect.stringContaining('Investment powder')]);
  });

  it('shows what the notebook refuses at the entry that said it, and keeps what was typed', async () => {
    server.answers['POST /api/batches'] = () =>
      problem(422, { problems: [{ pointer: '/volumes/1', code: 'x', message: 'This must be a volume with its unit.' }] });
    await show(<MixesPage />);
    await choose('Casting investment');
    await userEvent.type(screen.getByLabelText('To be filled, several with +'), '1 L + a cup');
    await userEvent.click(screen.getByRole('button', { name: 'Put it on the scale' }));
    expect(await screen.findByText('This must be a volume with its unit.')).toBeDefined();
    expect(screen.getByLabelText('To be filled, several with +')).toHaveProperty('value', '1 L + a cup');
  });

  it('counts down from when the parts meet, until it is put away', async () => {
    await show(<MixesPage />);
    await choose('Casting investment');
    await userEvent.click(screen.getByRole('button', { name: 'Put it on the scale' }));
    await userEvent.click(await screen.findByRole('button', { name: 'The parts meet now' }));
    const clock = await screen.findByRole('region', { name: 'Clock' });
    expect(clock.textContent).toMatch(/In place by(5:5\d|6:00)/);
    expect(JSON.parse(localStorage.getItem('mix clock') ?? '{}')).toMatchObject({ recipe: 'Casting investment' });
    await userEvent.click(screen.getByRole('button', { name: 'Put the clock away' }));
    expect(screen.queryByRole('region', { name: 'Clock' })).toBeNull();
    expect(localStorage.getItem('mix clock')).toBeNull();
  });

  it('asks for coats and a face where it coats', async () => {
    await show(<MixesPage />);
    await choose('foam coat');
    await userEvent.type(screen.getByLabelText('To be coated'), '450 cm2');
    await userEvent.click(screen.getByRole('button', { name: 'Put it on the scale' }));
    await waitFor(() => expect(asked).toMatchObject([{ area: '450 cm2', volumes: [], coats: 2 }]));
    expect(screen.queryByLabelText('Largest bucket')).toBeNull();
  });
});
