import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { CommandEntry } from '../api';
import { anythingUnkept, Draft } from './draft';
import { Outbox, type Outcome } from './outbox';
import { device, type Outgoing } from './store';

// The client takes hold of fetch when it is made: it must be ours by then. Of a browser it needs no more than events and addresses.
const server = vi.hoisted(() => {
  const hoisted = { answer: (body: unknown): Response => new Response(JSON.stringify(body)) };
  globalThis.fetch = async (request) => hoisted.answer(await (request as Request).json());
  const Plain = globalThis.Request;
  globalThis.Request = class extends Plain {
    constructor(address: RequestInfo | URL, init?: RequestInit) {
      super(typeof address === 'string' ? new URL(address, 'http://notebook.example') : address, init);
    }
  };
  const events = new EventTarget();
  if (!('navigator' in globalThis)) Object.assign(globalThis, { navigator: {} });
  Object.assign(globalThis, {
    window: globalThis,
    document: events,
    addEventListener: events.addEventListener.bind(events),
    removeEventListener: events.removeEventListener.bind(events),
  });
  return hoisted;
});

const ABOUT = {
  label: 'Cleat, no. 1',
  path: '/attempts/a',
  parts: { attempt: { part: 'attempt' as const, id: 'a' }, finding: { part: 'finding' as const, id: 'f', create: { attempt: 'a' } } },
};

const done = (body: unknown) =>
  new Response(JSON.stringify({ command: (body as CommandEntry).id, outcome: 'done', parts: [], questions: [] }), {
    status: 200,
    headers: { 'Content-Type': 'application/json' },
  });
const problem = (status: number, more: object) =>
  new Response(JSON.stringify({ type: 'about:blank', status, code: 'x', title: 'No.', ...more }), {
    status,
    headers: { 'Content-Type': 'application/problem+json' },
  });

const told = (raw: string | null) => ({ raw, shown: String(raw) });

/** The note of the attempt was changed by another device too. */
const clashing = () =>
  problem(409, {
    clashes: [
      {
        pointer: '/changes/0/set/note',
        part: 'attempt',
        id: 'a',
        field: 'note',
        label: 'Note',
        was: told(null),
        yours: told('mine'),
        stored: told('theirs'),
        device: 'Phone',
        changed_at: null,
      },
    ],
  });

async function draft(record: string, account = 'me'): Promise<Draft> {
  const made = new Draft(account, record);
  await made.ready;
  return made;
}

const written = async (of: Draft): Promise<Draft> => {
  await of.written();
  return of;
};

beforeEach(async () => {
  await Promise.all([device.fields.clear(), device.drafts.clear(), device.outbox.clear()]);
});
afterEach(() => vi.restoreAllMocks());

describe('a draft', () => {
  it('is there again after a reload, for whoever wrote it and for nobody else', async () => {
    const first = await draft('attempt r1');
    first.set(ABOUT, 'attempt/note', 'wet sand', 'wet sand', null);
    await written(first);
    expect((await draft('attempt r1')).state.fields.get('attempt/note')?.to).toBe('wet sand');
    expect((await draft('attempt r1', 'somebody else')).state.fields.size).toBe(0);
  });

  it('remembers what a field was when it was first touched, and forgets it when it says so again', async () => {
    const one = await draft('attempt r2');
    one.set(ABOUT, 'attempt/note', 'a', 'a', 'stored');
    one.set(ABOUT, 'attempt/note', 'ab', 'ab', 'stored by another device meanwhile');
    expect(one.state.fields.get('attempt/note')?.was).toBe('stored');
    one.set(ABOUT, 'attempt/note', 'stored', 'stored', 'stored by another device meanwhile');
    expect(one.state.fields.size).toBe(0);
    await written(one);
    expect(await device.drafts.count()).toBe(0);
  });

  it('is one draft in two tabs: neither writes over what the other typed', async () => {
    const [left, right] = [await draft('attempt r3'), await draft('attempt r3')];
    left.set(ABOUT, 'attempt/note', 'left', 'left', null);
    right.set(ABOUT, 'attempt/verdict', 'scrap', 'scrap', null);
    await Promise.all([written(left), written(right)]);
    await vi.waitFor(() => expect([...left.state.fields.keys()].sort()).toEqual(['attempt/note', 'attempt/verdict']));
    await vi.waitFor(() => expect([...right.state.fields.keys()].sort()).toEqual(['attempt/note', 'attempt/verdict']));
  });

  it('goes on where the device is full, says so, and is kept as soon as there is room', async () => {
    const full = vi.spyOn(device.fields, 'put').mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
    const one = await draft('attempt r4');
    one.set(ABOUT, 'attempt/note', 'typed all the same', 'typed all the same', null);
    await written(one);
    expect([one.state.keeps, one.state.fields.get('attempt/note')?.to, one.unkept]).toEqual([false, 'typed all the same', true]);
    full.mockRestore();
    one.set(ABOUT, 'attempt/note', 'typed on', 'typed on', null);
    await written(one);
    expect([one.state.keeps, one.unkept, anythingUnkept()]).toEqual([true, false, false]);
    expect(await device.fields.count()).toBe(1);
  });

  it('becomes a command: what hangs on something comes after it, and a choice is not a field', async () => {
    const one = await draft('attempt r5');
    one.set(ABOUT, 'finding/kind', 'misrun', 'misrun', null);
    one.set(ABOUT, 'attempt/create.casting', 'c', 'c', null);
    one.set(ABOUT, 'attempt/note', 'x', 'x', null);
    const command = await one.command(ABOUT, 'id');
    expect(command?.changes.map(({ part, create, set }) => ({ part, create, fields: Object.keys(set) }))).toEqual([
      { part: 'attempt', create: { casting: 'c' }, fields: ['note'] },
      { part: 'finding', create: { attempt: 'a' }, fields: ['kind'] },
    ]);
  });
});

describe('the outbox', () => {
  const kept: unknown[] = [];
  const opened: (() => void)[] = [];
  const outbox = () => {
    const box = new Outbox(
      'me',
      async (answer) => void kept.push(answer),
      async () => undefined,
    );
    opened.push(box.open());
    return box;
  };
  const saved = async (
    box: Outbox,
    record: string,
    note: string,
    was: string | null = null,
  ): Promise<{ outcome: Outcome; item: Outgoing; from: Draft }> => {
    const from = await draft(record);
    from.set(ABOUT, 'attempt/note', note, note, was);
    const item = (await from.command(ABOUT, crypto.randomUUID())) as Outgoing;
    return { outcome: await box.take(item), item, from };
  };
  afterEach(() => {
    for (const close of opened.splice(0)) close();
  });

  it('sends a command once and empties the draft', async () => {
    const sent: CommandEntry[] = [];
    server.answer = (body) => (sent.push(body as CommandEntry), done(body));
    const { outcome, from } = await saved(outbox(), 'attempt o1', 'x');
    expect(outcome.state).toBe('done');
    expect(sent.map((body) => body.changes)).toEqual([[{ part: 'attempt', id: 'a', set: { note: { was: null, to: 'x' } } }]]);
    await vi.waitFor(() => expect(from.state.fields.size).toBe(0));
    expect([await device.outbox.count(), await device.drafts.count()]).toEqual([0, 0]);
  });

  it('sends the same command again after a lost answer, under the same id, and tells at once that it waits', async () => {
    const ids: string[] = [];
    let lost = true;
    server.answer = (body) => {
      ids.push((body as CommandEntry).id);
      if (lost) throw new TypeError('lost');
      return done(body);
    };
    const box = outbox();
    const { outcome } = await saved(box, 'attempt o2', 'x');
    expect(outcome.state).toBe('waiting');
    lost = false;
    box.now();
    await vi.waitFor(async () => expect(await device.outbox.count()).toBe(0));
    expect(ids.length).toBeGreaterThan(1);
    expect(new Set(ids).size).toBe(1);
  });

  it('keeps what was typed after the save as a draft that follows it', async () => {
    server.answer = () => {
      throw new TypeError('away');
    };
    const from = await draft('attempt o3');
    from.set(ABOUT, 'attempt/note', 'first', 'first', null);
    const item = (await from.command(ABOUT, crypto.randomUUID())) as Outgoing;
    from.set(ABOUT, 'attempt/note', 'first, and more', 'first, and more', null);
    await written(from);
    await outbox().take(item);
    await vi.waitFor(() => expect(from.state.fields.get('attempt/note')).toMatchObject({ was: 'first', to: 'first, and more' }));
  });

  it('gives back what is refused, each fault at its field', async () => {
    server.answer = () => problem(422, { problems: [{ pointer: '/changes/0/set/note', code: 'c', message: 'Too long.' }] });
    const { outcome, from } = await saved(outbox(), 'attempt o4', 'x');
    expect(outcome.state).toBe('refused');
    await vi.waitFor(() => expect(from.state).toMatchObject({ refused: 'No.', problems: { 'attempt/note': 'Too long.' } }));
    expect(from.state.fields.get('attempt/note')?.to).toBe('x');
    expect(await device.outbox.count()).toBe(0);
  });

  it('puts a clash before the caster, and sends what was chosen as another command', async () => {
    const bodies: CommandEntry[] = [];
    server.answer = (body) => {
      bodies.push(body as CommandEntry);
      if (bodies.length > 1) return done(body);
      return clashing();
    };
    const box = outbox();
    const { outcome } = await saved(box, 'attempt o5', 'mine');
    expect(outcome.state).toBe('clash');
    const [waiting] = await device.outbox.toArray();
    expect(waiting?.state).toBe('clash');
    await box.settle(waiting as Outgoing, () => true);
    await vi.waitFor(async () => expect(await device.outbox.count()).toBe(0));
    expect(bodies[1]?.changes[0]?.set).toEqual({ note: { was: 'theirs', to: 'mine' } });
    expect(bodies[1]?.id).not.toBe(bodies[0]?.id);
  });

  it('drops its own side of a clash where the stored one was chosen', async () => {
    server.answer = () => clashing();
    const box = outbox();
    await saved(box, 'attempt o6', 'mine');
    const [waiting] = await device.outbox.toArray();
    await box.settle(waiting as Outgoing, () => false);
    expect(await device.outbox.count()).toBe(0);
  });

  it('holds back what a clash is about and lets the rest go on', async () => {
    const sent: string[] = [];
    server.answer = (body) => {
      const { changes } = body as CommandEntry;
      const note = String(changes[0]?.set?.['note']?.to);
      sent.push(note);
      return note === 'mine' ? clashing() : done(body);
    };
    const box = outbox();
    await saved(box, 'attempt o7', 'mine');
    const follows = await draft('attempt o7');
    follows.set(ABOUT, 'attempt/note', 'mine, and more', 'mine, and more', 'mine');
    void box.take((await follows.command(ABOUT, crypto.randomUUID())) as Outgoing);
    const other = await draft('attempt o8');
    const apart = { ...ABOUT, parts: { attempt: { part: 'attempt' as const, id: 'b' } } };
    other.set(apart, 'attempt/note', 'another attempt', 'another attempt', null);
    expect((await box.take((await other.command(apart, crypto.randomUUID())) as Outgoing)).state).toBe('done');
    expect(sent).toEqual(['mine', 'another attempt']);
    expect(await device.outbox.count()).toBe(2);
  });

  it('waits for a new sign-in instead of giving up', async () => {
    let signedIn = false;
    server.answer = (body) => (signedIn ? done(body) : problem(403, {}));
    const box = outbox();
    expect((await saved(box, 'attempt o9', 'x')).outcome.state).toBe('waiting');
    expect(await device.outbox.count()).toBe(1);
    signedIn = true;
    box.now();
    await vi.waitFor(async () => expect(await device.outbox.count()).toBe(0));
  });

  it('sends from memory where the device keeps nothing', async () => {
    vi.spyOn(device.outbox, 'add').mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
    server.answer = done;
    expect((await saved(outbox(), 'attempt o10', 'x')).outcome.state).toBe('done');
  });
});
