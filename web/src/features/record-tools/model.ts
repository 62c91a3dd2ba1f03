import type { History } from '../../shared/api';
import type { Plain } from '../../shared/record';

type Entry = History['commands'][number];

/**
 * The changes that take an entry back: each field to what it was, provided it still says what the entry made of it. What was begun goes
 * into the bin.
 */
export function takenBack(
  entry: Entry,
): { part: Entry['changes'][number]['part']; id: string; set: Record<string, { was: Plain; to: Plain }> }[] {
  const begun = new Set(entry.changes.filter((row) => row.field === 'created').map((row) => row.id));
  const changes = new Map<string, { part: Entry['changes'][number]['part']; id: string; set: Record<string, { was: Plain; to: Plain }> }>();
  for (const row of entry.changes) {
    const change = changes.get(row.id) ?? { part: row.part, id: row.id, set: {} };
    if (row.field === 'created') change.set['binned'] = { was: false, to: true };
    // Its fields go with it, whatever was changed of them since.
    else if (!begun.has(row.id)) change.set[row.field] = { was: (row.became.raw ?? null) as Plain, to: (row.was.raw ?? null) as Plain };
    changes.set(row.id, change);
  }
  // Settings of the workshop are not thrown away; they only become blank.
  return [...changes.values()].filter((change) => change.part !== 'workshop' || !('binned' in change.set)).reverse();
}
