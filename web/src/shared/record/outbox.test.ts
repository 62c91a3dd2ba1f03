// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { describe, expect, it, vi } from 'vitest';
import { standIn } from '../testing/server';

const server = standIn();
const { done, problem } = await import('../testing/notebook');
const { device, Outbox } = await import('./index');

const command = (n: number) => ({
  account: 'me',
  format: 1 as const,
  kind: 'command' as const,
  id: `tap-${n}`,
  record: `press ${n}`,
  label: 'The day',
  path: '/attempts/a/day',
  made_at: '2026-11-27T12:00:00.000Z',
  undoes: null,
  changes: [{ key: 'a', part: 'attempt' as const, id: 'a', set: { [`event.${n}`]: { was: null, to: String(n), shown: String(n) } } }],
  state: 'waiting' as const,
  clashes: [],
});

describe('many taps from where there was no signal', () => {
  it('are sent one by one, in order, and shown anew a few times only; none is forgotten before that', async () => {
    const left: number[] = [];
    const shown = vi.fn(async () => {
      left.push(await device.outbox.count());
    });
    await device.outbox.bulkAdd(Array.from({ length: 60 }, (_, n) => command(n)));
    // The notebook goes away once in the middle of it.
    server.answers['POST /api/commands'] = (body) => (server.bodies.length === 30 ? problem(503) : done(body));
    const outbox = new Outbox('me', shown, async () => undefined);
    const close = outbox.open();
    await vi.waitFor(async () => expect(await device.outbox.count()).toBe(0), { timeout: 10_000 });
    close();

    const sent = server.bodies.map((body) => body.id);
    expect(sent.filter((id, index) => sent.indexOf(id) === index)).toEqual(Array.from({ length: 60 }, (_, n) => `tap-${n}`));
    expect(sent).toHaveLength(61);
    expect(shown.mock.calls.length).toBeLessThanOrEqual(5);
    expect(left[0]).toBe(60);
  });
});
