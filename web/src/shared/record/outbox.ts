import { liveQuery } from 'dexie';
import { v7 } from 'uuid';
import { answered, api, ProblemError, type CommandEntry, type Done, type Problem } from '../api';
import { draftFor } from './draft';
import { same, type Plain } from './plain';
import { device, readable, shapes, type Clash, type Outgoing } from './store';

/** How a command stands after it was tried. */
export type Outcome =
  | { state: 'done'; questions: string[] }
  | { state: 'refused'; problem: Problem }
  | { state: 'clash' }
  /** It is on this device and is sent again by itself. */
  | { state: 'waiting'; problem: Problem | null };

type Sent = Outcome & { done?: Done; clashes?: Clash[] };

/** So many are shown at once after they were sent. */
const AT_ONCE = 25;
const SOONEST = 1000;
const LATEST = 30_000;
const PATIENCE = 20_000;

/**
 * Sends what was saved, in order, until the notebook has it. A command keeps its id over every try, and the notebook does each id once:
 * so trying
 * again is always right, after a lost answer, a killed tab or a dead battery. What the notebook refuses goes back into the draft it came
 * from.
 */
export class Outbox {
  items: readonly Outgoing[] = [];
  /** Why the first of them waits; null while nothing went wrong. */
  trouble: Problem | null = null;
  private readonly listeners = new Set<() => void>();
  private readonly waiting = new Map<string, (outcome: Outcome) => void>();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private delay = SOONEST;
  private running = false;
  private again = false;
  private closed = true;

  /**
   * @param onKept    called when the notebook has taken something, before it is forgotten here: what is shown is read anew
   * @param onSession called when the session is no longer good: whoever signs in again with this account goes on
   */
  constructor(
    readonly account: string,
    private readonly onKept: (done: Done) => Promise<void>,
    private readonly onSession: () => Promise<void>,
  ) {}

  /** Begins to send; the answer ends it. */
  open(): () => void {
    this.closed = false;
    const feed = liveQuery(() => device.outbox.where({ account: this.account }).sortBy('seq')).subscribe({
      next: (rows) => {
        this.items = readable(shapes.outgoing, rows);
        this.tell();
        this.kick();
      },
      error: () => undefined,
    });
    const again = () => this.now();
    window.addEventListener('online', again);
    document.addEventListener('visibilitychange', again);
    return () => {
      this.closed = true;
      clearTimeout(this.timer);
      feed.unsubscribe();
      window.removeEventListener('online', again);
      document.removeEventListener('visibilitychange', again);
    };
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Takes a command in, and its draft out, as one step: no moment in which a killed tab would lose both, or keep both. */
  async take(item: Outgoing): Promise<Outcome> {
    const outcome = new Promise<Outcome>((resolve) => this.waiting.set(item.id, resolve));
    try {
      await device.transaction('rw', device.fields, device.drafts, device.outbox, async () => {
        const typed = await device.fields.where({ account: item.account, record: item.record }).toArray();
        for (const row of typed) {
          const sent = item.changes.find((change) => change.key === row.field.split('/')[0])?.set[
            row.field.slice(row.field.indexOf('/') + 1)
          ];
          // What was typed after the save was pressed stays a draft.
          if (!sent || same(sent.to, row.to) || row.field.includes('/create.'))
            await device.fields.delete([row.account, row.record, row.field]);
          else await device.fields.put({ ...row, was: sent.to });
        }
        const left = await device.fields.where({ account: item.account, record: item.record }).count();
        if (left === 0) await device.drafts.delete([item.account, item.record]);
        await device.outbox.add(item);
      });
    } catch {
      // This device keeps nothing: it is sent from memory, and what is typed stays on the screen until it is known to be kept.
      return this.deliverOnce(item);
    }
    this.now();
    return outcome;
  }

  /** Tries at once instead of after the pause. */
  now(): void {
    clearTimeout(this.timer);
    this.timer = undefined;
    this.delay = SOONEST;
    this.kick();
  }

  /** Settles a clash: field by field, the caster's own or what is stored. */
  async settle(item: Outgoing, mine: (clash: Clash) => boolean): Promise<void> {
    const changes = item.changes.map((change) => {
      const set = { ...change.set };
      for (const clash of item.clashes.filter((one) => one.id === change.id)) {
        const own = set[clash.field];
        if (!own) continue;
        if (mine(clash)) set[clash.field] = { ...own, was: (clash.stored.raw ?? null) as Plain };
        else Reflect.deleteProperty(set, clash.field);
      }
      return { ...change, set };
    });
    const left = changes.filter((change) => change.create || Object.keys(change.set).length > 0);
    await device.transaction('rw', device.outbox, async () => {
      if (item.seq === undefined) return;
      // It says something else now, so it is another command.
      if (left.length > 0) await device.outbox.put({ ...item, id: v7(), changes: left, state: 'waiting', clashes: [] });
      else await device.outbox.delete(item.seq);
    });
    this.now();
  }

  /** Out of the queue and back into the draft: for something that the notebook will not take, ever. */
  async recall(item: Outgoing): Promise<void> {
    await backToDraft(item, null);
    this.now();
  }

  private kick(): void {
    if (this.closed || this.timer !== undefined) return;
    if (this.running) {
      // It may have looked already and found nothing.
      this.again = true;
      return;
    }
    this.running = true;
    this.again = false;
    void this.alone(() => this.drain())
      .catch(() => this.later(null, null))
      .finally(() => {
        this.running = false;
        if (this.again) this.kick();
      });
  }

  /** One tab sends at a time, where the browser can arrange that. Where it cannot, the notebook still does each command once. */
  private async alone(work: () => Promise<void>): Promise<void> {
    await ('locks' in navigator ? navigator.locks.request(`molten-outbox ${this.account}`, work) : work());
  }

  private async drain(): Promise<void> {
    // What the notebook has by now. It is shown anew once for all of them: a hundred taps from a yard without signal are a hundred small
    // sendings, and not a hundred pages as well. Should the tab die before that, they are sent again and count once.
    let kept: { item: Outgoing; outcome: Sent }[] = [];
    const settle = async () => {
      const all = kept;
      kept = [];
      const done = all.at(-1)?.outcome.done;
      // What is shown is read anew before it is forgotten here, so that nothing jumps back to the old value for a moment.
      if (done) await Promise.race([this.onKept(done), new Promise((resolve) => setTimeout(resolve, 3000))]).catch(() => undefined);
      await device.outbox.bulkDelete(all.flatMap(({ item }) => (item.seq === undefined ? [] : [item.seq])));
      for (const { item, outcome } of all) this.answer(item, outcome);
    };
    for (;;) {
      const rows = readable(shapes.outgoing, await device.outbox.where({ account: this.account }).sortBy('seq'));
      const held = new Set(rows.filter((row) => row.state === 'clash').flatMap((row) => row.changes.map((change) => change.id)));
      const gone = new Set(kept.map(({ item }) => item.seq));
      // What a clash is about waits for it; the rest goes on.
      const item = rows.find((row) => row.state === 'waiting' && !gone.has(row.seq) && !row.changes.some((change) => held.has(change.id)));
      if (this.closed) return;
      if (!item || kept.length >= AT_ONCE) {
        if (kept.length === 0) return;
        await settle();
        continue;
      }
      const outcome = await this.send(item);
      if (outcome.state === 'waiting') {
        if (kept.length > 0) await settle();
        this.later(item, outcome.problem);
        return;
      }
      this.delay = SOONEST;
      this.trouble = null;
      if (outcome.state === 'done') kept.push({ item, outcome });
      else await this.settled(item, outcome);
    }
  }

  private async send(item: Outgoing): Promise<Sent> {
    try {
      const done = await answered(api.POST('/api/commands', { body: bodyOf(item), signal: AbortSignal.timeout(PATIENCE) }));
      return { state: 'done', questions: done.questions.map((question) => question.message), done };
    } catch (error) {
      const problem =
        error instanceof ProblemError ? error.problem : { status: 0, code: 'network.away', title: 'No connection.', problems: [] };
      if (problem.status === 409 && problem.clashes) return { state: 'clash', clashes: problem.clashes };
      if (problem.status === 401 || problem.status === 403) {
        // The session ended or the page is old: whoever signs in again with this account sends it.
        await this.onSession().catch(() => undefined);
        return { state: 'waiting', problem };
      }
      const forGood = [400, 404, 413, 422].includes(problem.status);
      return forGood ? { state: 'refused', problem } : { state: 'waiting', problem };
    }
  }

  /** What the notebook did not take: put before the caster, or back into the draft. */
  private async settled(item: Outgoing, outcome: Sent): Promise<void> {
    if (outcome.state === 'clash' && item.seq !== undefined)
      await device.outbox.update(item.seq, { state: 'clash', clashes: outcome.clashes ?? [] });
    if (outcome.state === 'refused') await backToDraft(item, outcome.problem);
    this.answer(item, outcome);
  }

  private later(item: Outgoing | null, problem: Problem | null): void {
    this.trouble = problem;
    if (item) this.answer(item, { state: 'waiting', problem });
    // Something broke on this device itself: nobody is left waiting for an answer.
    else for (const id of [...this.waiting.keys()]) this.resolve(id, { state: 'waiting', problem });
    if (this.closed) return;
    this.timer = setTimeout(() => {
      this.timer = undefined;
      this.kick();
    }, this.delay);
    this.delay = Math.min(this.delay * 2, LATEST);
    this.tell();
  }

  private async deliverOnce(item: Outgoing): Promise<Outcome> {
    const outcome = await this.send(item);
    if (outcome.state === 'done') {
      if (outcome.done) await this.onKept(outcome.done).catch(() => undefined);
      await draftFor(item.account, item.record).drop();
    }
    return outcome.state === 'clash'
      ? {
          state: 'refused',
          problem: {
            status: 409,
            code: 'record.clash',
            title: 'This was changed elsewhere since you opened it. Load the page anew and compare.',
            problems: [],
          },
        }
      : outcome;
  }

  private answer(item: Outgoing, outcome: Outcome): void {
    this.resolve(item.id, outcome);
  }

  private resolve(id: string, outcome: Outcome): void {
    this.waiting.get(id)?.(outcome);
    this.waiting.delete(id);
  }

  private tell(): void {
    for (const listener of this.listeners) listener();
  }
}

function bodyOf(item: Outgoing): CommandEntry {
  return {
    id: item.id,
    made_at: item.made_at,
    ...(item.undoes === null ? {} : { undoes: item.undoes }),
    changes: item.changes.map(({ part, id, create, set }) => ({
      part,
      id,
      ...(create ? { create } : {}),
      set: Object.fromEntries(Object.entries(set).map(([field, { was, to }]) => [field, { was, to }])),
    })),
  };
}

/** What was refused is a draft again, each fault at its field. What was typed there since counts. */
async function backToDraft(item: Outgoing, problem: Problem | null): Promise<void> {
  const problems: Record<string, string> = {};
  for (const fault of problem?.problems ?? []) {
    const [, index, field = ''] = /^\/changes\/(\d+)(?:\/(?:set|create)\/(.+))?$/.exec(fault.pointer) ?? [];
    const change = item.changes[Number(index)];
    const known = change && Object.keys(change.set).find((name) => field === name || field.startsWith(`${name}/`));
    problems[change ? `${change.key}/${known ?? (field in (change.create ?? {}) ? `create.${field}` : field)}` : ''] ??= fault.message;
  }
  await device.transaction('rw', device.fields, device.drafts, device.outbox, async () => {
    for (const change of item.changes) {
      const rows = [
        ...Object.entries(change.set).map(([name, row]) => ({ name, ...row })),
        // What it hangs on was chosen like any field.
        ...Object.entries(change.create ?? {}).map(([name, to]) => ({ name: `create.${name}`, was: null, to, shown: to })),
      ];
      for (const { name, was, to, shown } of rows) {
        const key: [string, string, string] = [item.account, item.record, `${change.key}/${name}`];
        const typedSince = await device.fields.get(key);
        await device.fields.put({
          account: item.account,
          record: item.record,
          field: key[2],
          was,
          to: typedSince?.to ?? to,
          shown: typedSince?.shown ?? shown,
          at: Date.now(),
        });
      }
    }
    await device.drafts.put({
      account: item.account,
      record: item.record,
      format: 1,
      label: item.label,
      path: item.path,
      parts: Object.fromEntries(
        item.changes.map((change) => [
          change.key,
          { part: change.part, id: change.id, ...(change.create ? { create: change.create } : {}) },
        ]),
      ),
      at: Date.now(),
      refused: problem?.title ?? null,
      problems,
    });
    if (item.seq !== undefined) await device.outbox.delete(item.seq);
  });
}
