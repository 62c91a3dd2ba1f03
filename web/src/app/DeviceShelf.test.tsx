// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { standIn } from '../shared/testing/server';

const server = standIn();
const { done, problem, putAway, show, told } = await import('../shared/testing/notebook');
const { device, draftFor, useChange } = await import('../shared/record');
const { DeviceShelf } = await import('./DeviceShelf');

const about = (id: string, label: string) => ({
  label,
  path: `/attempts/${id}`,
  parts: { attempt: { part: 'attempt' as const, id } },
});

/** Two fields saved with one press, as a page would. */
function Press() {
  const change = useChange();
  const set = { note: { was: null, to: 'from the desk' }, verdict: { was: 'scrap', to: 'good' }, name: { was: null, to: 'Evening' } };
  return (
    <button
      type="button"
      onClick={() => void change({ label: 'Cleat, no. 1', path: '/attempts/a', changes: [{ part: 'attempt', id: 'a', set }] })}
    >
      Save it
    </button>
  );
}

const shelf = (
  <>
    <Press />
    <DeviceShelf />
  </>
);

const clash = (field: string, was: string | null, yours: string, stored: string) => ({
  pointer: `/changes/0/set/${field}`,
  part: 'attempt',
  id: 'a',
  field,
  label: field,
  was: told(was),
  yours: told(yours),
  stored: told(stored),
  device: 'Firefox on Android',
  changed_at: '2026-05-03T10:00:00Z',
});

const twoClashes = () =>
  problem(409, { clashes: [clash('note', null, 'from the desk', 'from the phone'), clash('verdict', 'scrap', 'good', 'usable')] });

beforeEach(async () => {
  server.answers = {};
  server.bodies = [];
  await putAway();
});
afterEach(putAway);

async function typed(record: string, label: string, account = 'me') {
  const draft = draftFor(account, record);
  await draft.ready;
  draft.set(about(record, label), 'attempt/note', 'wet', 'wet', null);
  await draft.written();
}

describe('what is on this device', () => {
  it('counts what is unfinished and what is on its way, of whoever is signed in alone', async () => {
    await typed('d1', 'Cleat, no. 1');
    await typed('d2', 'Oar handle, no. 3');
    await typed('d3', 'Somebody else’s', 'somebody else');
    await show(shelf);
    await userEvent.click(screen.getByRole('button', { name: 'Save it' }));
    await userEvent.click(await screen.findByRole('button', { name: /3 things on this device, not yet in the notebook/ }));
    const dialog = await screen.findByRole('dialog');
    expect(within(dialog).getByRole('link', { name: 'Oar handle, no. 3' }).getAttribute('href')).toBe('/attempts/d2');
    expect(within(dialog).queryByText('Somebody else’s')).toBeNull();
    await userEvent.click(within(dialog).getByRole('button', { name: 'Throw it away Oar handle, no. 3' }));
    await waitFor(() => expect(within(dialog).queryByText('Oar handle, no. 3')).toBeNull());
    expect(within(dialog).getByText(/tried again by itself/)).toBeTruthy();
    server.answers['POST /api/commands'] = done;
    await userEvent.click(within(dialog).getByRole('button', { name: 'Send now' }));
    await waitFor(() => expect(within(dialog).queryByText(/tried again by itself/)).toBeNull());
    await putAway();
    await Promise.all(['d1', 'd2'].map((record) => draftFor('me', record).drop()));
  });

  it('shows both sides of a clash, and saves nothing before each field is chosen', async () => {
    server.answers['POST /api/commands'] = (body) => (server.bodies.length === 1 ? twoClashes() : done(body));
    await show(shelf);
    await userEvent.click(screen.getByRole('button', { name: 'Save it' }));
    const dialog = await screen.findByRole('dialog', { name: 'This was changed elsewhere too' });
    expect(dialog.textContent).toContain('Firefox on Android saved something else');
    expect(dialog.textContent).toContain('Your other change goes in as well');
    const save = within(dialog).getByRole('button', { name: 'Save it so' });
    expect(save).toHaveProperty('disabled', true);
    await userEvent.click(within(dialog).getByRole('button', { name: 'Yours: from the desk' }));
    expect(save).toHaveProperty('disabled', true);
    await userEvent.click(within(dialog).getByRole('button', { name: 'Stored: usable' }));
    await userEvent.click(save);
    await waitFor(async () => expect(await device.outbox.count()).toBe(0));
    expect(server.bodies.at(-1)?.changes[0]?.set).toEqual({
      note: { was: 'from the phone', to: 'from the desk' },
      name: { was: null, to: 'Evening' },
    });
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });

  it('can be put off: the clash waits in sight, and both sides are still there', async () => {
    server.answers['POST /api/commands'] = twoClashes;
    await show(shelf);
    await userEvent.click(screen.getByRole('button', { name: 'Save it' }));
    await screen.findByRole('dialog', { name: 'This was changed elsewhere too' });
    await userEvent.keyboard('{Escape}');
    await userEvent.click(await screen.findByRole('button', { name: 'Cleat, no. 1: changed elsewhere too. Compare' }));
    const dialog = await screen.findByRole('dialog', { name: 'This was changed elsewhere too' });
    await userEvent.click(within(dialog).getByRole('button', { name: 'Stored everywhere' }));
    server.answers['POST /api/commands'] = done;
    await userEvent.click(within(dialog).getByRole('button', { name: 'Save it so' }));
    await waitFor(async () => expect(await device.outbox.count()).toBe(0));
    expect(server.bodies.at(-1)?.changes[0]?.set).toEqual({ name: { was: null, to: 'Evening' } });
  });
});
