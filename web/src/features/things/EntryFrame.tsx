import { MOVEMENTS, type Column } from '../../shared/api';
import { today } from '../../shared/day';
import type { DraftInHand } from '../../shared/record';
import { DraftState } from '../../shared/ui/DraftState';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { readComposition } from './model';
import { Chosen } from './ThingForm';
import { useEntry, type Entry } from './useEntry';

/** Whatever is asked in an entry, with its day and the press that keeps it. */
export function EntryFrame({ entry, words, children }: { entry: Entry; words: string; children: React.ReactNode }) {
  const { draft, busy, outcome, day, setDay, save } = entry;
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {children}
      <div className="mt-4 flex flex-wrap items-end gap-4">
        <label className="block">
          <span className="block text-sm text-soft">On</span>
          <input type="date" className="entry" value={day} max={today()} onChange={(event) => setDay(event.target.value || today())} />
        </label>
        {draft.problem('entry/at') && (
          <p role="alert" className="font-semibold text-molten">
            {draft.problem('entry/at')}
          </p>
        )}
      </div>
      <div className="mt-4 flex flex-wrap items-center gap-4">
        <button type="submit" className="press press-molten min-h-16 px-8 text-lg" disabled={busy || draft.touched.length === 0}>
          {busy ? 'Saving' : words}
        </button>
        <DraftState draft={draft} outcome={outcome} what="The entry" onDrop={() => void draft.drop()} />
      </div>
    </form>
  );
}

/** One column of an entry, as text in the caster's own units. */
export function Cell({ column, draft, wide = false }: { column: Column; draft: DraftInHand; wide?: boolean }) {
  return (
    <SmallEntry
      label={column.label}
      width={wide ? 'mt-3 w-full' : ''}
      value={draft.at(`entry/${column.key}`)?.shown ?? ''}
      example={column.example}
      onChange={(text) =>
        draft.set(`entry/${column.key}`, text === '' ? null : column.type === 'composition' ? readComposition(text) : text, text)
      }
      error={draft.problemWithin(`entry/${column.key}`)}
    />
  );
}

/** An entry of any kind, all its columns one below the other. */
export function EntryForm({
  of,
  kind,
  path,
  words,
  onDone,
}: {
  of: { id: string; name: string };
  kind: string;
  path: string;
  words: string;
  onDone: () => void;
}) {
  const entry = useEntry(of, kind, path, onDone);
  const columns = MOVEMENTS[kind] ?? [];
  return (
    <EntryFrame entry={entry} words={words}>
      <div className="grid gap-4">
        {columns.map((column) =>
          column.choices ? (
            <Chosen
              key={column.key}
              column={column}
              value={String(entry.draft.at(`entry/${column.key}`)?.raw ?? '')}
              onChange={(value) => entry.draft.set(`entry/${column.key}`, value || null, value)}
              error={entry.draft.problem(`entry/${column.key}`)}
            />
          ) : (
            <Cell key={column.key} column={column} draft={entry.draft} wide={column.type !== 'quantity' && column.type !== 'count'} />
          ),
        )}
      </div>
    </EntryFrame>
  );
}
