import { liveQuery } from 'dexie';
import { same, type Plain } from './plain';
import { device, readable, shapes, type DraftRow, type FieldRow, type Outgoing, type PartRef } from './store';

export interface About {
  label: string;
  path: string;
  parts: Record<string, PartRef>;
}

export interface DraftState {
  fields: ReadonlyMap<string, FieldRow>;
  refused: string | null;
  problems: Readonly<Record<string, string>>;
  /** False where this device cannot keep what is typed: then it is only on this screen. */
  keeps: boolean;
}

const NOTHING: DraftState = { fields: new Map(), refused: null, problems: {}, keeps: true };

/**
 * What is being written of one record, by one account, on this device. Every keystroke is here at once and in the device's storage right
 * after;
 * other tabs with the same draft see it. A field that is back at what it was is no part of the draft any more.
 */
export class Draft {
  state: DraftState = NOTHING;
  readonly ready: Promise<void>;
  private readonly listeners = new Set<() => void>();
  /** Rows on their way into storage; null is on its way out. */
  private readonly unwritten = new Map<string, FieldRow | null>();
  private meta: DraftRow | null = null;
  private writing: Promise<void> | null = null;

  constructor(
    readonly account: string,
    readonly record: string,
  ) {
    this.ready = new Promise((resolve) => {
      liveQuery(() => Promise.all([device.fields.where({ account, record }).toArray(), device.drafts.get([account, record])])).subscribe({
        next: ([rows, meta]) => {
          this.meta = readable(shapes.draftRow, meta ? [meta] : [])[0] ?? null;
          this.take(readable(shapes.fieldRow, rows));
          resolve();
        },
        error: () => {
          this.show({ ...this.state, keeps: false });
          resolve();
        },
      });
    });
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /**
   * @param stands   what stands in the notebook, or on its way there, while it is typed
   * @param explicit said on purpose, though it is what stands there: a day that is left blank
   */
  set(about: About, field: string, to: Plain, shown: string, stands: Plain, explicit = false): void {
    const before = this.state.fields.get(field);
    const was = before ? before.was : stands;
    const row = same(was, to) && !explicit ? null : { account: this.account, record: this.record, field, was, to, shown, at: Date.now() };
    this.unwritten.set(field, row);
    const { [field]: _answered, ...problems } = this.state.problems;
    void _answered;
    this.show({ ...this.state, fields: changed(this.state.fields, field, row), problems });
    this.meta = {
      account: this.account,
      record: this.record,
      format: 1,
      ...about,
      parts: { ...this.meta?.parts, ...about.parts },
      at: Date.now(),
      refused: this.state.refused,
      problems,
    };
    this.write();
  }

  async drop(): Promise<void> {
    this.unwritten.clear();
    this.show({ ...NOTHING, keeps: this.state.keeps });
    await device
      .transaction('rw', device.fields, device.drafts, async () => {
        await device.fields.where({ account: this.account, record: this.record }).delete();
        await device.drafts.delete([this.account, this.record]);
      })
      .catch(() => undefined);
  }

  /** What is typed so far, as a command that is yet to be sent; null where there is nothing to say. */
  async command(about: About, id: string): Promise<Outgoing | null> {
    await this.written();
    const rows = [...this.state.fields.values()];
    if (rows.length === 0) return null;
    const parts = { ...this.meta?.parts, ...about.parts };
    const keys = [...new Set(rows.map((row) => partOf(row.field)))]
      .filter((key) => key in parts)
      .sort((a, b) => order(parts[a]) - order(parts[b]));
    return {
      account: this.account,
      format: 1,
      kind: 'command',
      id,
      record: this.record,
      label: about.label,
      path: about.path,
      made_at: new Date().toISOString(),
      undoes: null,
      state: 'waiting',
      clashes: [],
      changes: keys.map((key) => {
        const { part, id: of, create } = parts[key] as PartRef;
        const own = rows.filter((row) => partOf(row.field) === key);
        const hangsOn = Object.fromEntries(
          own.filter((row) => nameOf(row.field).startsWith('create.')).map((row) => [nameOf(row.field).slice(7), String(row.to)]),
        );
        return {
          key,
          part,
          id: of,
          ...(create || Object.keys(hangsOn).length > 0 ? { create: { ...create, ...hangsOn } } : {}),
          set: Object.fromEntries(
            own
              .filter((row) => !nameOf(row.field).startsWith('create.'))
              .map((row) => [nameOf(row.field), { was: row.was, to: row.to, shown: row.shown }]),
          ),
        };
      }),
    };
  }

  /** Resolves when everything typed so far is in the device's storage, or it is known that it cannot be. */
  async written(): Promise<void> {
    while (this.writing) await this.writing;
  }

  partNamed(key: string): PartRef | null {
    return this.state.fields.size > 0 ? (this.meta?.parts[key] ?? null) : null;
  }

  /** True while something typed is on this screen only. */
  get unkept(): boolean {
    return this.unwritten.size > 0;
  }

  private write(): void {
    if (this.writing) return;
    this.writing = this.flush().finally(() => {
      this.writing = null;
      if (this.unwritten.size > 0 && this.state.keeps) this.write();
    });
  }

  private async flush(): Promise<void> {
    const rows = new Map(this.unwritten);
    const meta = this.meta;
    try {
      await device.transaction('rw', device.fields, device.drafts, async () => {
        for (const [field, row] of rows) await (row ? device.fields.put(row) : device.fields.delete([this.account, this.record, field]));
        const left = await device.fields.where({ account: this.account, record: this.record }).count();
        await (left > 0 && meta ? device.drafts.put(meta) : device.drafts.delete([this.account, this.record]));
      });
      for (const [field, row] of rows) if (this.unwritten.get(field) === row) this.unwritten.delete(field);
      if (!this.state.keeps) this.show({ ...this.state, keeps: true });
    } catch {
      // Full, forbidden, or taken away: it stays on this screen, and the screen says so.
      this.show({ ...this.state, keeps: false });
    }
  }

  /** What storage holds now, with what is still on its way there laid over it. */
  private take(rows: FieldRow[]): void {
    const fields = new Map(rows.map((row) => [row.field, row]));
    for (const [field, row] of this.unwritten) {
      if (row) fields.set(field, row);
      else fields.delete(field);
    }
    this.show({ fields, refused: this.meta?.refused ?? null, problems: this.meta?.problems ?? {}, keeps: this.state.keeps });
  }

  private show(state: DraftState): void {
    this.state = state;
    for (const listener of this.listeners) listener();
  }
}

const drafts = new Map<string, Draft>();

export function draftFor(account: string, record: string): Draft {
  const key = `${account} ${record}`;
  let draft = drafts.get(key);
  if (!draft) drafts.set(key, (draft = new Draft(account, record)));
  return draft;
}

/** True while anything that was typed in this tab is nowhere else. */
export function anythingUnkept(): boolean {
  return [...drafts.values()].some((draft) => draft.unkept);
}

/** What hangs on something comes after it. */
function order(ref: PartRef | undefined): number {
  return ['workshop', 'workshop_row', 'movement', 'casting', 'heat', 'attempt', 'finding', 'photo'].indexOf(ref?.part ?? 'finding');
}

export function partOf(field: string): string {
  return field.slice(0, field.indexOf('/'));
}

export function nameOf(field: string): string {
  return field.slice(field.indexOf('/') + 1);
}

function changed(fields: ReadonlyMap<string, FieldRow>, field: string, row: FieldRow | null): ReadonlyMap<string, FieldRow> {
  const next = new Map(fields);
  if (row) next.set(field, row);
  else next.delete(field);
  return next;
}
