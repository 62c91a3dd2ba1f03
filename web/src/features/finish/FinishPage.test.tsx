// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { standIn } from '../../shared/testing/server';
import { freshShelf } from '../../shared/testing/shelf';

const server = standIn();
const { done, json, problem, putAway, show } = await import('../../shared/testing/notebook');
const { FinishPage } = await import('./FinishPage');

const step = (code: string, label: string, more: object = {}) => ({
  code,
  label,
  words: `${label}, as it is done.`,
  hold: 'In the vice.',
  why: 'Because.',
  hands: '13 min (7–20)',
  waits: null,
  chips: null,
  cautions: [`Mind the ${code}.`],
  grits: [],
  repairs: [],
  working: null,
  done: null,
  ...more,
});
const CUT = step('cut_gates', 'Cut off gates', { done: { at: 1764300000.5, minutes: 20, note: 'sawn' } });
const SAND = step('sand', 'Sand', { grits: [60, 120], waits: '2 h' });
const END = step('sign_off', 'Sign it off');
const FINISH = {
  attempt_id: 'a1',
  casting_id: 'c1',
  casting_name: 'Cleat',
  number: 2,
  state: 'judged',
  sentence: 'Still 20 min hands on; next: sand.',
  metal: 'Al-Si7Mg',
  look: 'As cast',
  steps: [CUT, SAND, END],
  treatments: [],
  faults: [
    {
      defect: 'blowhole',
      label: 'Blowhole',
      repairs: [{ code: 'plug', label: 'Plug it', words: 'Tap it.', bears: '100 °C', caution: '', at: 'Machine to size', chosen: false }],
    },
    { defect: 'cold_crack', label: 'Crack', repairs: [] },
  ],
  asks: [
    { field: 'made.finish.look', label: 'How it is to look', choices: 'finish_look', raw: null, shown: '', example: '' },
    { field: 'made.finish.machined', label: 'Faces to be machined', choices: null, raw: null, shown: '', example: '12 cm2' },
  ],
  missing: [],
  chips: '38 g',
  signed_off: null,
};
const HANDBOOK = { choices: { finish_look: [{ code: 'painted', label: 'Painted', hint: '' }] }, fields: [], alloys: [] };

beforeEach(async () => {
  freshShelf();
  server.answers = {
    'GET /api/attempts//finish': () => json(FINISH),
    'GET /api/handbook': () => json(HANDBOOK),
    'POST /api/commands': done,
  };
  server.bodies = [];
  await putAway();
});
afterEach(putAway);

const rowOf = async (label: string) => {
  const row = (await screen.findByText(label, { selector: '.font-semibold' })).closest('li');
  if (!row) throw new Error(`${label} stands in no step`);
  return within(row);
};

describe('a route card', () => {
  it('shows what is next whole, with what to mind, and what is done in a line', async () => {
    await show(<FinishPage />);
    expect((await rowOf('Sand')).getByText('Mind the sand.')).toBeTruthy();
    expect((await rowOf('Sand')).getByText('120')).toBeTruthy();
    const cut = await rowOf('Cut off gates');
    expect(cut.getByText('“sawn”')).toBeTruthy();
    expect(cut.queryByText('Mind the cut_gates.')).toBeNull();
    expect((await rowOf('Sign it off')).queryByRole('button')).toBeNull();
    expect(screen.getByText('38 g')).toBeTruthy();
  });

  it('is signed with what it took, plain numbers being minutes', async () => {
    await show(<FinishPage />);
    const sand = await rowOf('Sand');
    await userEvent.type(sand.getByLabelText('It took'), '45');
    await userEvent.click(sand.getByRole('button', { name: 'Done' }));
    await waitFor(() => expect(server.bodies).toHaveLength(1));
    const set = server.bodies[0]?.changes[0]?.set ?? {};
    expect(set['finish.sand']?.to).toMatchObject({ minutes: '45 min', note: null });
  });

  it('takes a step back with what stood there', async () => {
    await show(<FinishPage />);
    await userEvent.click((await rowOf('Cut off gates')).getByRole('button', { name: /Not done after all/ }));
    await waitFor(() => expect(server.bodies).toHaveLength(1));
    expect(server.bodies[0]?.changes[0]?.set?.['finish.cut_gates']).toEqual({
      was: { at: '1764300000.5', minutes: 20, note: 'sawn' },
      to: null,
    });
  });

  it('says beside the step what was refused, and loses nothing', async () => {
    server.answers['POST /api/commands'] = () =>
      problem(422, {
        problems: [{ pointer: '/changes/0/set/finish.sand/minutes', code: 'quantity.unreadable', message: 'No such time.' }],
      });
    await show(<FinishPage />);
    const sand = await rowOf('Sand');
    await userEvent.type(sand.getByLabelText('It took'), 'for ever');
    await userEvent.click(sand.getByRole('button', { name: 'Done' }));
    expect(await sand.findByText(/No such time/)).toBeTruthy();
    expect(sand.getByLabelText<HTMLInputElement>('It took').value).toBe('for ever');
  });

  it('offers what may be mended, or says that nothing holds', async () => {
    await show(<FinishPage />);
    expect(await screen.findByText(/Nothing that holds/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: /Put it on the route/ }));
    await waitFor(() => expect(server.bodies).toHaveLength(1));
    expect(server.bodies[0]?.changes[0]?.set).toEqual({ 'mend.plug': { was: false, to: true } });
  });
});
