import { useState } from 'react';
import { v7 as freshId } from 'uuid';
import { THINGS, useHandbook, type Column, type Heap } from '../../shared/api';
import { useDraft, useDraftPart, type Plain, type Stands } from '../../shared/record';
import { DraftState } from '../../shared/ui/DraftState';
import { PickOne } from '../../shared/ui/Pegs';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { isKept, useSaving } from '../../shared/ui/useSaving';

const COLUMNS: readonly Column[] = THINGS.find((one) => one.kind === 'heaps')?.columns ?? [];

/** What is kept of a heap itself: its kind, its mass, the recipe it was mixed to. */
export function HeapForm({ heap, onDone }: { heap: Heap | null; onDone: () => void }) {
  const record = heap ? `heap ${heap.line.id}` : 'new heap';
  const begun = useDraftPart(record, 'heap')?.id;
  const [own] = useState(() => freshId());
  const id = heap?.line.id ?? begun ?? own;
  const parts = { heap: { part: 'workshop_row' as const, id, ...(heap ? {} : { create: { kind: 'heaps' } }) } };
  const seen: Record<string, Stands> = {};
  for (const [column, told] of Object.entries(heap?.columns ?? {}))
    seen[`heap/${column}`] = { raw: told.raw as Plain, shown: column === 'kind' || column === 'begun_on' ? String(told.raw) : told.shown };
  const path = heap ? `/workshop/heaps/${heap.line.id}` : '/workshop';
  const draft = useDraft(record, { label: heap?.line.name ?? 'A new heap', path, parts }, seen);
  const { busy, outcome, run } = useSaving();
  const kinds = useHandbook().choices['sand_kind'] ?? [];
  const kind = draft.at('heap/kind')?.raw;
  // Only what is mixed with oil has oil and catalyst in its recipe.
  const asked = COLUMNS.filter((one) => one.key !== 'kind' && (kind === 'oil' || !['oil', 'catalyst'].includes(one.key)));
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void run(draft.save).then((done) => {
          if (isKept(done)) onDone();
        });
      }}
    >
      <SmallEntry
        label="What you call it"
        width="w-full"
        value={draft.at('heap/name')?.shown ?? ''}
        example="Yard heap"
        onChange={(name) => draft.set('heap/name', name || null, name)}
        error={draft.problem('heap/name')}
      />
      <fieldset className="mt-4">
        <legend className="lettering mb-1">Kind of sand</legend>
        <PickOne
          label="Kind of sand"
          choices={kinds}
          value={typeof kind === 'string' ? kind : null}
          onChange={(code) => draft.set('heap/kind', code)}
        />
        {draft.problem('heap/kind') && (
          <p role="alert" className="font-semibold text-molten">
            {draft.problem('heap/kind')}
          </p>
        )}
      </fieldset>
      <div className="mt-4 grid grid-cols-2 gap-4 sm:grid-cols-3">
        {asked.map((column) => (
          <SmallEntry
            key={column.key}
            label={column.label}
            width=""
            value={draft.at(`heap/${column.key}`)?.shown ?? ''}
            example={column.example}
            onChange={(text) => draft.set(`heap/${column.key}`, text === '' ? null : text, text)}
            error={draft.problem(`heap/${column.key}`)}
          />
        ))}
      </div>
      <p className="mt-2 text-sm text-soft">A blank recipe is taken as usual for its kind, and then nothing is told of it to a mould.</p>
      <div className="mt-4 flex flex-wrap items-center gap-4">
        <button type="submit" className="press press-molten min-h-16 px-8 text-lg" disabled={busy || draft.touched.length === 0}>
          {busy ? 'Saving' : 'Keep the heap'}
        </button>
        <DraftState draft={draft} outcome={outcome} what="The heap" onDrop={() => void draft.drop()} />
      </div>
    </form>
  );
}
