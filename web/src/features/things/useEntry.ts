import { useState } from 'react';
import { v7 as freshId } from 'uuid';
import { today } from '../../shared/day';
import { useDraft, useDraftPart } from '../../shared/record';
import { isKept, useSaving } from '../../shared/ui/useSaving';

/** An entry that is being written into the book of a thing: it is on the device while it is typed, as everything is. */
export function useEntry(of: { id: string; name: string }, kind: string, path: string, onDone: () => void) {
  const record = `thing ${of.id} ${kind}`;
  const begun = useDraftPart(record, 'entry')?.id;
  const [own] = useState(() => freshId());
  const id = begun ?? own;
  const parts = { entry: { part: 'movement' as const, id, create: { of: of.id, kind } } };
  const draft = useDraft(record, { label: of.name, path, parts }, {});
  const { busy, outcome, run } = useSaving();
  const [day, setDay] = useState(today());
  const save = async () => {
    // Today is now; another day is its noon, by the clock on this wall.
    const at = day === today() ? Date.now() : new Date(`${day}T12:00:00`).getTime();
    draft.set('entry/at', Math.floor(at / 1000));
    const done = await run(draft.save);
    if (isKept(done)) onDone();
  };
  return { draft, busy, outcome, day, setDay, save };
}

export type Entry = ReturnType<typeof useEntry>;
