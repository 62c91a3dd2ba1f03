// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { standIn } from '../../shared/testing/server';

const server = standIn();
const { done, json, problem, putAway, show, told } = await import('../../shared/testing/notebook');
const { RecordTools } = await import('./RecordTools');

const ATTEMPT = {
  part: 'attempt' as const,
  id: 'a',
  label: 'Cleat, no. 2',
  path: '/attempts/a',
  name: null,
  history: 'attempts/a' as const,
  casting: 'cleat',
};

const entry = (id: string, changes: object[], more: object = {}) => ({
  id,
  device: 'Chrome on Linux',
  made_at: '2026-05-03T10:00:00Z',
  kept_at: '2026-05-03T10:00:00Z',
  undoes: null,
  taken_back: false,
  changes,
  ...more,
});
const row = (field: string, label: string, was: string | null, became: string | null, more: object = {}) => ({
  part: 'attempt',
  id: 'a',
  field,
  label,
  was: told(was),
  became: told(became),
  ...more,
});

beforeEach(async () => {
  server.answers = { 'POST /api/commands': done };
  server.bodies = [];
  await putAway();
});
afterEach(putAway);

const set = () => server.bodies.at(-1)?.changes[0]?.set;

describe('what can be done with a record', () => {
  it('is called by a name, from what it was called', async () => {
    await show(<RecordTools {...ATTEMPT} name="The wet one" />);
    await userEvent.click(screen.getByRole('button', { name: 'Rename' }));
    const name = screen.getByLabelText('Name');
    expect(name).toHaveProperty('value', 'The wet one');
    await userEvent.clear(name);
    await userEvent.type(name, '  Evening pour ');
    await userEvent.click(screen.getByRole('button', { name: 'Call it so' }));
    await waitFor(() => expect(set()).toEqual({ name: { was: 'The wet one', to: 'Evening pour' } }));
  });

  it('loses its name where it needs none, and keeps it where it does', async () => {
    await show(<RecordTools {...ATTEMPT} name="The wet one" />);
    await userEvent.click(screen.getByRole('button', { name: 'Rename' }));
    await userEvent.clear(screen.getByLabelText('Name'));
    await userEvent.click(screen.getByRole('button', { name: 'Call it so' }));
    await waitFor(() => expect(set()).toEqual({ name: { was: 'The wet one', to: null } }));
    await putAway();
    await show(<RecordTools part="casting" id="cleat" label="Cleat" path="/castings/cleat" name="Cleat" />);
    await userEvent.click(screen.getByRole('button', { name: 'Rename' }));
    await userEvent.clear(screen.getByLabelText('Name'));
    expect(screen.getByRole('button', { name: 'Call it so' })).toHaveProperty('disabled', true);
  });

  it('moves to any other casting there is, however old', async () => {
    server.answers['GET /api/castings'] = () =>
      json({
        castings: [
          { id: 'cleat', name: 'Cleat' },
          { id: 'handle', name: 'Oar handle' },
        ],
        page: 1,
        more: true,
      });
    await show(<RecordTools {...ATTEMPT} />);
    await userEvent.click(screen.getByRole('button', { name: 'Move to another casting' }));
    expect(await screen.findByRole('button', { name: 'Oar handle' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Cleat' })).toBeNull();
    server.answers['GET /api/castings'] = () => json({ castings: [{ id: 'damper', name: 'Stove damper' }], page: 2, more: false });
    await userEvent.click(screen.getByRole('button', { name: 'Older' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Stove damper' }));
    await waitFor(() => expect(set()).toEqual({ casting: { was: 'cleat', to: 'damper' } }));
  });

  it('shows every change, the words of both sides, and takes one back unless that was done', async () => {
    server.answers['GET /api/attempts/a/history'] = () =>
      json({
        commands: [
          entry('c3', [row('note', 'Note', 'wet', 'dry')], { taken_back: true }),
          entry('c2', [row('made.sand.moisture', 'Moisture', '4 %', '3.5 %'), row('verdict', 'Verdict', null, 'Scrap')]),
          entry('c1', [row('created', 'created', null, null)]),
        ],
        older: null,
      });
    await show(<RecordTools {...ATTEMPT} />);
    await userEvent.click(screen.getByRole('button', { name: 'What was changed' }));
    const entries = await screen.findAllByRole('listitem');
    expect(entries.map((one) => within(one).queryByRole('button', { name: 'Take back' }) !== null)).toEqual([false, true, true]);
    expect(entries[1]?.textContent).toContain('4 %');
    expect(entries[1]?.textContent).toContain('3.5 %');
    expect(entries[2]?.textContent).toContain('Attempt begun');
    await userEvent.click(within(entries[1] as HTMLElement).getByRole('button', { name: 'Take back' }));
    await waitFor(() => expect(set()).toEqual({ 'made.sand.moisture': { was: '3.5 %', to: '4 %' }, verdict: { was: 'Scrap', to: null } }));
    expect(server.bodies.at(-1)?.undoes).toBe('c2');
  });

  it('goes into the bin, and says why when it may not', async () => {
    server.answers['POST /api/commands'] = () =>
      problem(422, { title: 'No.', problems: [{ pointer: '/changes/0/set/binned', code: 'c', message: 'The next attempt follows it.' }] });
    await show(<RecordTools {...ATTEMPT} />);
    await userEvent.click(screen.getByRole('button', { name: 'Into the bin' }));
    expect(await screen.findByRole('alert')).toHaveProperty('textContent', 'The next attempt follows it.');
    expect(set()).toEqual({ binned: { was: false, to: true } });
  });

  it('says that a press waits where there is no connection', async () => {
    server.answers = {};
    await show(<RecordTools {...ATTEMPT} />);
    await userEvent.click(screen.getByRole('button', { name: 'Into the bin' }));
    expect(await screen.findByRole('status')).toHaveProperty('textContent', expect.stringContaining('kept on this device'));
  });
});
