import Dexie, { type Table } from 'dexie';
import { z } from 'zod';
import type { Plain } from './plain';

const plain: z.ZodType<Plain> = z.lazy(() =>
  z.union([z.string(), z.number(), z.boolean(), z.null(), z.array(plain), z.record(z.string(), plain)]),
);

const part = z.object({
  part: z.enum(['casting', 'attempt', 'heat', 'finding', 'photo', 'workshop_row', 'movement', 'workshop']),
  id: z.string(),
  /** What it hangs on, where it is not in the notebook yet. */
  create: z.record(z.string(), z.string()).optional(),
});

/** One field of a draft. Each is a row of its own, so that two tabs never write over each other's. */
const fieldRow = z.object({
  account: z.string(),
  record: z.string(),
  field: z.string(),
  was: plain,
  to: plain,
  shown: z.string(),
  at: z.number(),
});

/** What a draft is of, and what the notebook last said against it. */
const draftRow = z.object({
  account: z.string(),
  record: z.string(),
  format: z.literal(1),
  label: z.string(),
  path: z.string(),
  parts: z.record(z.string(), part),
  at: z.number(),
  refused: z.string().nullable(),
  problems: z.record(z.string(), z.string()),
});

const clash = z.object({
  pointer: z.string(),
  part: z.string(),
  id: z.string(),
  field: z.string(),
  label: z.string(),
  was: z.object({ raw: z.unknown(), shown: z.string() }),
  yours: z.object({ raw: z.unknown(), shown: z.string() }),
  stored: z.object({ raw: z.unknown(), shown: z.string() }),
  device: z.string().nullable(),
  changed_at: z.string().nullable(),
});

const outgoing = z.object({
  seq: z.number().optional(),
  account: z.string(),
  format: z.literal(1),
  /** What is sent another way has a table of its own: photos. */
  kind: z.literal('command'),
  id: z.string(),
  record: z.string(),
  label: z.string(),
  path: z.string(),
  made_at: z.string(),
  undoes: z.string().nullable(),
  changes: z.array(
    z.object({
      key: z.string(),
      part: part.shape.part,
      id: z.string(),
      create: z.record(z.string(), z.string()).optional(),
      set: z.record(z.string(), z.object({ was: plain, to: plain, shown: z.string() })),
    }),
  ),
  state: z.enum(['waiting', 'clash']),
  clashes: z.array(clash),
});

/** A photo that was taken and is not in the notebook yet. */
export interface WaitingPhoto {
  id: string;
  account: string;
  attempt: string;
  label: string;
  blob: Blob;
  taken: number;
  /** Why the notebook does not want it; null while it is tried. */
  refused: string | null;
}

export type PartRef = z.infer<typeof part>;
export type FieldRow = z.infer<typeof fieldRow>;
export type DraftRow = z.infer<typeof draftRow>;
export type Clash = z.infer<typeof clash>;
export type Outgoing = z.infer<typeof outgoing>;

/** What is on this device and not yet in the notebook. Rows are kept apart by account: who signs in next sees none of them. */
class DeviceStore extends Dexie {
  fields!: Table<FieldRow, [string, string, string]>;
  drafts!: Table<DraftRow, [string, string]>;
  outbox!: Table<Outgoing, number>;
  photos!: Table<WaitingPhoto, string>;

  constructor() {
    // On the disk before it counts as kept: a battery that dies a moment later takes nothing with it.
    super('molten-notes', { chromeTransactionDurability: 'strict' });
    this.version(1).stores({
      fields: '[account+record+field], [account+record], account',
      drafts: '[account+record], account',
      outbox: '++seq, account, id',
    });
    // Rows of before stay as they are: a new version of the client never strands what an older one wrote.
    this.version(2).stores({ photos: 'id, account, [account+attempt]' });
  }
}

export const device = new DeviceStore();

/** Rows that this version of the client understands. Others stay where they are: a newer or older version may. */
export function readable<T>(shape: { safeParse: (row: unknown) => { success: boolean; data?: T } }, rows: readonly unknown[]): T[] {
  return rows.flatMap((row) => {
    const read = shape.safeParse(row);
    return read.success && read.data !== undefined ? [read.data] : [];
  });
}

export const shapes = { fieldRow, draftRow, outgoing };
