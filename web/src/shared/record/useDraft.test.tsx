// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { act, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { standIn } from '../testing/server';

const server = standIn();
const { done, problem, putAway, show, told } = await import('../testing/notebook');
const { device, useDraft } = await import('./index');
const { DraftState } = await import('../ui/DraftState');
const { useSaving } = await import('../ui/useSaving');

const NOTE = 'attempt/note';
const ABOUT = { label: 'Cleat, no. 1', path: '/attempts/a', parts: { attempt: { part: 'attempt' as const, id: 'a' } } };

/** The smallest form there can be on a draft. */
function Note({ record, stored }: { record: string; stored: string | null }) {
  const draft = useDraft(record, ABOUT, stored === null ? {} : { [NOTE]: told(stored) });
  const { busy, outcome, run } = useSaving();
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void run(draft.save);
      }}
    >
      <label>
        Note
        <input value={draft.at(NOTE)?.shown ?? ''} onChange={(event) => draft.set(NOTE, event.target.value || null)} />
      </label>
      {draft.meanwhile(NOTE) && <p>Meanwhile stored: {draft.meanwhile(NOTE)?.shown}</p>}
      {draft.problem(NOTE) && <p>{draft.problem(NOTE)}</p>}
      <DraftState draft={draft} outcome={outcome} what="The note" onDrop={() => void draft.drop()} />
      <button type="submit">{busy ? 'Saving' : 'Save'}</button>
    </form>
  );
}

const note = async () => (await screen.findByLabelText<HTMLInputElement>('Note')).value;

beforeEach(async () => {
  server.answers = {};
  server.bodies = [];
  await putAway();
});
afterEach(async () => {
  vi.restoreAllMocks();
  await putAway();
});

describe('a form on a draft', () => {
  it('keeps what is typed when the notebook is read anew under it, and says what stands there now', async () => {
    const { showAgain } = await show(<Note record="u1" stored="dry" />);
    await userEvent.type(await screen.findByLabelText('Note'), ' day');
    showAgain(<Note record="u1" stored="from another device" />);
    expect(await note()).toBe('dry day');
    expect(screen.getByText('Meanwhile stored: from another device')).toBeTruthy();
  });

  it('shows what the notebook has once it was never touched, or is typed back to what it was', async () => {
    const { showAgain } = await show(<Note record="u2" stored="dry" />);
    await userEvent.type(await screen.findByLabelText('Note'), 'x{Backspace}');
    showAgain(<Note record="u2" stored="from another device" />);
    expect(await note()).toBe('from another device');
    expect(screen.queryByText(/not yet in the notebook/)).toBeNull();
  });

  it('says that it is on this device, and forgets it only when that is asked for', async () => {
    await show(<Note record="u3" stored={null} />);
    await userEvent.type(await screen.findByLabelText('Note'), 'wet');
    expect(await screen.findByText(/On this device, not yet in the notebook/)).toBeTruthy();
    await waitFor(async () => expect(await device.fields.count()).toBe(1));
    await userEvent.click(screen.getByRole('button', { name: 'Throw it away' }));
    await waitFor(async () => expect(await note()).toBe(''));
    expect(await device.fields.count()).toBe(0);
  });

  it('is not saving for ever without a connection, shows what is on its way, and is done once it arrives', async () => {
    await show(<Note record="u4" stored={null} />);
    await userEvent.type(await screen.findByLabelText('Note'), 'in the yard');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText(/kept on this device and sent by itself/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Save' })).toBeTruthy();
    expect(await note()).toBe('in the yard');
    server.answers['POST /api/commands'] = done;
    act(() => void window.dispatchEvent(new Event('online')));
    await waitFor(async () => expect(await device.outbox.count()).toBe(0));
    expect(new Set(server.bodies.map(({ id }) => id)).size).toBe(1);
  });

  it('is sent again after the server turned it away, under the same id, and never twice at once', async () => {
    let busy = true;
    server.answers['POST /api/commands'] = (body) => (busy ? problem(503, { title: 'The notebook is away.' }) : done(body));
    await show(<Note record="u5" stored={null} />);
    await userEvent.type(await screen.findByLabelText('Note'), 'kept');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText(/The notebook is away\. The note is kept on this device/)).toBeTruthy();
    busy = false;
    act(() => void window.dispatchEvent(new Event('online')));
    await waitFor(async () => expect(await device.outbox.count()).toBe(0));
    expect(new Set(server.bodies.map(({ id }) => id)).size).toBe(1);
    expect(server.bodies.at(-1)?.changes[0]?.set).toEqual({ note: { was: null, to: 'kept' } });
  });

  it('brings back what was refused, with the fault at its field, to be put right', async () => {
    server.answers['POST /api/commands'] = () =>
      problem(422, {
        title: 'That cannot be.',
        problems: [{ pointer: '/changes/0/set/note', code: 'c', message: 'At most 2000 characters.' }],
      });
    await show(<Note record="u6" stored={null} />);
    await userEvent.type(await screen.findByLabelText('Note'), 'too long');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText('At most 2000 characters.')).toBeTruthy();
    expect(screen.getByText('That cannot be.')).toBeTruthy();
    expect(await note()).toBe('too long');
    server.answers['POST /api/commands'] = done;
    await userEvent.type(screen.getByLabelText('Note'), '{Backspace}');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(server.bodies.at(-1)?.changes[0]?.set).toEqual({ note: { was: null, to: 'too lon' } }));
    expect(new Set(server.bodies.map(({ id }) => id)).size).toBe(2);
  });

  it('goes on where the device is full from the first key, and says so before the page is left', async () => {
    vi.spyOn(device.fields, 'put').mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
    await show(<Note record="u7" stored={null} />);
    await userEvent.type(await screen.findByLabelText('Note'), 'typed all the same');
    expect(await screen.findByRole('alert')).toHaveProperty('textContent', expect.stringContaining('cannot keep what you type'));
    expect(await note()).toBe('typed all the same');
    server.answers['POST /api/commands'] = done;
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(server.bodies.at(-1)?.changes[0]?.set).toEqual({ note: { was: null, to: 'typed all the same' } }));
  });

  it('is nobody else’s: another account on this browser begins blank, and the first finds its own again', async () => {
    const first = await show(<Note record="u8" stored={null} />, 'first');
    await userEvent.type(await screen.findByLabelText('Note'), 'mine');
    await waitFor(async () => expect(await device.fields.count()).toBe(1));
    first.unmount();
    const second = await show(<Note record="u8" stored={null} />, 'second');
    expect(await note()).toBe('');
    second.unmount();
    await show(<Note record="u8" stored={null} />, 'first');
    expect(await note()).toBe('mine');
  });
});
