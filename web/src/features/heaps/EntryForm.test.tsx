// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Heap } from '../../shared/api';
import { standIn } from '../../shared/testing/server';

const server = standIn();
const { done, json, problem, putAway, show } = await import('../../shared/testing/notebook');
const { MixedInForm, TestForm } = await import('./EntryForm');

const HEAP = {
  line: { id: 'h', name: 'Yard heap', serves: ['green_sand'] },
  measures: [
    {
      code: 'moisture',
      label: 'Moisture',
      how: 'Dry it.',
      band: { low: 2.5, high: 4.5, shown: '2.5 to 4.5 %' },
      due: { now: true, words: 'never measured' },
      trend: [],
    },
  ],
} as unknown as Heap;
const HANDBOOK = {
  choices: { sand_condition: [{ code: 'dry', label: 'Crumbles', hint: 'The lump falls apart' }] },
};

beforeEach(async () => {
  server.answers = { 'GET /api/handbook': () => json(HANDBOOK), 'POST /api/commands': done };
  server.bodies = [];
  await putAway();
});
afterEach(putAway);

const change = () => server.bodies.at(-1)?.changes[0];

describe('an entry in the book of a heap', () => {
  it('is sent with its moment and the heap it is of, as it was typed', async () => {
    const kept = vi.fn();
    await show(<TestForm heap={HEAP} onDone={kept} />);
    await userEvent.click(await screen.findByRole('button', { name: /Crumbles/ }));
    await userEvent.type(screen.getByLabelText('Sample, moist'), '200 g');
    await userEvent.type(screen.getByLabelText('The same, dried'), '193 g');
    await userEvent.click(screen.getByRole('button', { name: 'Keep the test' }));
    await waitFor(() => expect(kept).toHaveBeenCalled());
    expect(change()).toMatchObject({
      part: 'movement',
      create: { of: 'h', kind: 'sand_test' },
      set: { squeeze: { to: 'dry' }, wet: { to: '200 g' }, dried: { to: '193 g' } },
    });
    expect(Math.abs(Number(change()?.set?.['at']?.to) - Date.now() / 1000)).toBeLessThan(5);
  });

  it('stays open with what was typed where the notebook refuses it, and says so at its field', async () => {
    server.answers['POST /api/commands'] = () =>
      problem(422, { problems: [{ pointer: '/changes/0/set/dried', code: 'sand.gained', message: 'It cannot weigh more afterwards.' }] });
    const kept = vi.fn();
    await show(<TestForm heap={HEAP} onDone={kept} />);
    await userEvent.type(await screen.findByLabelText('Sample, moist'), '190 g');
    await userEvent.type(screen.getByLabelText('The same, dried'), '200 g');
    await userEvent.click(screen.getByRole('button', { name: 'Keep the test' }));
    expect(await screen.findByText('It cannot weigh more afterwards.')).toBeDefined();
    expect(screen.getByLabelText('The same, dried')).toHaveProperty('value', '200 g');
    expect(kept).not.toHaveBeenCalled();
  });

  it('takes over what was worked out, to be put right before it is kept', async () => {
    await show(<MixedInForm heap={HEAP} offered={{ water: '570 g', clay: '400 g' }} onDone={() => undefined} />);
    await userEvent.click(await screen.findByRole('button', { name: 'As it was worked out' }));
    expect(screen.getByLabelText('Water')).toHaveProperty('value', '570 g');
    await userEvent.clear(screen.getByLabelText('Water'));
    await userEvent.type(screen.getByLabelText('Water'), '400 g');
    // Oil is not asked for of sand that has none.
    expect(screen.queryByLabelText('Oil')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    await waitFor(() =>
      expect(change()).toMatchObject({ create: { kind: 'sand_addition' }, set: { water: { to: '400 g' }, clay: { to: '400 g' } } }),
    );
  });
});
