import { createContext, use, useContext, useMemo, useSyncExternalStore } from 'react';
import { v7 } from 'uuid';
import { draftFor, nameOf, partOf, type About } from './draft';
import { same, type Plain } from './plain';
import type { Outbox, Outcome } from './outbox';
import type { PartRef } from './store';

/** A value with its words, as the notebook or the draft has it. Null is blank. */
export interface Stands {
  raw: Plain;
  shown: string;
}

export const OutboxContext = createContext<Outbox | null>(null);

export function useOutbox(): Outbox {
  const outbox = useContext(OutboxContext);
  if (!outbox) throw new Error('Nobody is signed in.');
  useSyncExternalStore(outbox.subscribe, () => outbox.items);
  useSyncExternalStore(outbox.subscribe, () => outbox.trouble);
  return outbox;
}

export interface DraftInHand {
  /** What stands in a field: as it is typed, else as it is on its way, else as it is in the notebook. */
  at: (field: string) => Stands | null;
  set: (field: string, raw: Plain, shown?: string, explicit?: boolean) => void;
  /** Every field that is typed or on its way. */
  names: readonly string[];
  /** Fields that are typed and not saved. */
  touched: readonly string[];
  isTouched: (field: string) => boolean;
  /** What the notebook holds now, where it is no longer what it was when the field was touched. */
  meanwhile: (field: string) => Stands | null;
  /** What the notebook said against a field. */
  problem: (field: string) => string | undefined;
  /** The complaint about a field or about a part of it: one element of a composition. */
  problemWithin: (field: string) => string | undefined;
  refused: string | null;
  /** False where this device cannot keep what is typed. */
  keeps: boolean;
  /** Something of this record is saved on this device and on its way. */
  onItsWay: boolean;
  save: () => Promise<Outcome | null>;
  drop: () => Promise<void>;
}

/**
 * The draft of a record: what is typed, kept on this device until it is saved, and on its way until the notebook has it.
 *
 * @param seen what the notebook holds, field by field; it may change under the draft
 */
export function useDraft(record: string, given: About, seen: Readonly<Record<string, Stands>>): DraftInHand {
  const outbox = useOutbox();
  const draft = draftFor(outbox.account, record);
  use(draft.ready);
  const state = useSyncExternalStore(draft.subscribe, () => draft.state);
  const sent = useMemo(() => {
    const fields = new Map<string, Stands>();
    for (const item of outbox.items)
      for (const change of item.changes) {
        for (const [field, { to, shown }] of Object.entries(change.set)) fields.set(`${change.id}/${field}`, { raw: to, shown });
        for (const [name, to] of Object.entries(change.create ?? {})) fields.set(`${change.id}/create.${name}`, { raw: to, shown: to });
      }
    return fields;
  }, [outbox.items]);
  const refOf = (field: string): PartRef | undefined => given.parts[partOf(field)];
  const names = [
    ...new Set([
      ...state.fields.keys(),
      ...outbox.items
        .filter((item) => item.record === record)
        .flatMap((item) =>
          item.changes.flatMap((change) =>
            [...Object.keys(change.set), ...Object.keys(change.create ?? {}).map((name) => `create.${name}`)].map(
              (name) => `${change.key}/${name}`,
            ),
          ),
        ),
    ]),
  ];
  const before = (field: string): Stands | null => sent.get(`${refOf(field)?.id ?? ''}/${nameOf(field)}`) ?? seen[field] ?? null;
  const at = (field: string): Stands | null => {
    const row = state.fields.get(field);
    const stands = row ? { raw: row.to, shown: row.shown } : before(field);
    return stands === null || stands.raw === null || stands.raw === '' ? null : stands;
  };
  return {
    at,
    names,
    set: (field, raw, shown, explicit = false) => draft.set(given, field, raw, shown ?? wordsOf(raw), before(field)?.raw ?? null, explicit),
    touched: [...state.fields.keys()],
    isTouched: (field) => state.fields.has(field),
    meanwhile: (field) => {
      const row = state.fields.get(field);
      const now = before(field);
      return row && !same(now?.raw, row.was) && !same(now?.raw, row.to) ? (now ?? { raw: null, shown: 'blank' }) : null;
    },
    problem: (field) => state.problems[field],
    problemWithin: (field) => state.problems[field] ?? Object.entries(state.problems).find(([name]) => name.startsWith(`${field}/`))?.[1],
    refused: state.refused,
    keeps: state.keeps,
    onItsWay: outbox.items.some((item) => item.record === record),
    save: async () => {
      const command = await draft.command(given, v7());
      return command === null ? null : outbox.take(command);
    },
    drop: () => draft.drop(),
  };
}

/** What a field of a record is about to become; undefined while nothing is on its way. */
export function useComing(id: string, field: string): Plain | undefined {
  const outbox = useOutbox();
  return outbox.items
    .findLast((item) => item.changes.some((change) => change.id === id && field in change.set))
    ?.changes.find((change) => change.id === id)?.set[field]?.to;
}

/** The record that a draft from an earlier visit is of, under the name it has in the draft. */
export function useDraftPart(record: string, key: string): PartRef | null {
  const outbox = useOutbox();
  const draft = draftFor(outbox.account, record);
  use(draft.ready);
  return useSyncExternalStore(draft.subscribe, () => draft.partNamed(key));
}

/**
 * One change that is made with a press and needs no draft: a verdict, an answer, into the bin. It is kept on this device until the
 * notebook has it.
 */
export function useChange() {
  const outbox = useOutbox();
  return (what: {
    label: string;
    path: string;
    undoes?: string;
    changes: { part: Part; id: string; create?: Record<string, string>; set: Record<string, { was: Plain; to: Plain }> }[];
  }): Promise<Outcome> =>
    outbox.take({
      account: outbox.account,
      format: 1,
      kind: 'command',
      id: v7(),
      record: `press ${v7()}`,
      label: what.label,
      path: what.path,
      made_at: new Date().toISOString(),
      undoes: what.undoes ?? null,
      state: 'waiting',
      clashes: [],
      changes: what.changes.map((change) => ({
        key: change.id,
        ...change,
        set: Object.fromEntries(Object.entries(change.set).map(([field, row]) => [field, { ...row, shown: wordsOf(row.to) }])),
      })),
    });
}

type Part = 'casting' | 'attempt' | 'heat' | 'finding' | 'photo' | 'workshop_row' | 'movement' | 'workshop';

function wordsOf(raw: Plain): string {
  if (raw === null) return '';
  if (typeof raw === 'object' && !Array.isArray(raw) && 'value' in raw && 'unit' in raw)
    return `${String(raw['value'])} ${String(raw['unit'])}`;
  return typeof raw === 'object' ? '' : String(raw);
}
