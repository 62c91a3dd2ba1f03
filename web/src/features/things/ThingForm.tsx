import { useId, useState } from 'react';
import { v7 as freshId } from 'uuid';
import { THINGS, useHandbook, type Choice, type Column, type Told } from '../../shared/api';
import { useChange, useDraft, useDraftPart, type Plain, type Stands } from '../../shared/record';
import { DraftState } from '../../shared/ui/DraftState';
import { PickOne } from '../../shared/ui/Pegs';
import { Pressed } from '../../shared/ui/Pressed';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { isKept, useSaving } from '../../shared/ui/useSaving';
import { readComposition, typed } from './model';

/** More than these are picked from a list. */
const PEGS = 7;

/** What is kept of one thing of the workshop, whatever kind it is: typed on the device as it goes, kept with one press. */
export function ThingForm({
  kind,
  thing,
  path,
  named,
  asks = () => true,
  among = {},
  onDone,
}: {
  kind: string;
  thing: { id: string; columns: Record<string, Told> } | null;
  path: string;
  /** What it is called where it has no name. */
  named: string;
  /** Which of its columns are asked for. */
  asks?: (column: string) => boolean;
  /** What is picked from where the handbook does not say: column → choices. */
  among?: Record<string, readonly Choice[]>;
  onDone: (gone: boolean) => void;
}) {
  const record = thing ? `${kind} ${thing.id}` : `new ${kind}`;
  const begun = useDraftPart(record, 'thing')?.id;
  const [own] = useState(() => freshId());
  const id = thing?.id ?? begun ?? own;
  const parts = { thing: { part: 'workshop_row' as const, id, ...(thing ? {} : { create: { kind } }) } };
  const columns: readonly Column[] = THINGS.find((one) => one.kind === kind)?.columns ?? [];
  const seen: Record<string, Stands> = {};
  for (const [column, told] of Object.entries(thing?.columns ?? {}))
    seen[`thing/${column}`] = { raw: told.raw as Plain, shown: typed(column, told) };
  const draft = useDraft(record, { label: thing?.columns['name']?.shown ?? named, path, parts }, seen);
  const { busy, outcome, run } = useSaving();
  const change = useChange();
  const bin = useSaving();
  const text = (column: string) => draft.at(`thing/${column}`)?.shown ?? '';
  const set = (column: string, value: string) => {
    const raw: Plain = value === '' ? null : column === 'composition' ? readComposition(value) : value;
    draft.set(`thing/${column}`, raw, value);
  };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void run(draft.save).then((done) => {
          if (isKept(done)) onDone(false);
        });
      }}
    >
      <SmallEntry
        label="What you call it"
        width="w-full"
        value={text('name')}
        onChange={(name) => set('name', name)}
        error={draft.problem('thing/name')}
      />
      <div className="mt-3 grid grid-cols-2 items-start gap-x-4 gap-y-3 sm:grid-cols-3">
        {columns
          .filter(({ key }) => asks(key))
          .map((column) =>
            column.choices ? (
              <Chosen
                key={column.key}
                column={column}
                among={among[column.key]}
                value={text(column.key)}
                onChange={(value) => set(column.key, value)}
                error={draft.problem(`thing/${column.key}`)}
              />
            ) : (
              <SmallEntry
                key={column.key}
                label={column.label}
                width={column.type === 'composition' || column.type === 'text' ? 'col-span-full' : ''}
                value={text(column.key)}
                example={column.example}
                onChange={(value) => set(column.key, value)}
                error={draft.problemWithin(`thing/${column.key}`)}
              />
            ),
          )}
      </div>
      <div className="mt-5 flex flex-wrap items-center gap-4">
        <button type="submit" className="press press-molten min-h-16 px-8 text-lg" disabled={busy || draft.touched.length === 0}>
          {busy ? 'Saving' : 'Keep it'}
        </button>
        <DraftState draft={draft} outcome={outcome} what="It" onDrop={() => void draft.drop()} />
        {thing && (
          <button
            type="button"
            className="press press-quiet ml-auto"
            onClick={() =>
              void bin
                .run(() =>
                  change({
                    label: thing.columns['name']?.shown ?? named,
                    path,
                    changes: [{ part: 'workshop_row', id, set: { binned: { was: false, to: true } } }],
                  }),
                )
                .then((done) => {
                  if (isKept(done)) onDone(true);
                })
            }
          >
            Put it into the bin
          </button>
        )}
      </div>
      <Pressed outcome={bin.outcome} />
    </form>
  );
}

/** One of a list: pegs where they are few, a list to open where they are many. */
export function Chosen({
  column,
  among,
  value,
  onChange,
  error,
}: {
  column: Column;
  among?: readonly Choice[] | undefined;
  value: string;
  onChange: (value: string) => void;
  error: string | undefined;
}) {
  const known = useHandbook().choices[column.choices ?? ''];
  const choices: readonly Choice[] = among ?? known ?? [];
  const id = useId();
  return (
    <div className="col-span-full">
      {choices.length <= PEGS ? (
        <fieldset>
          <legend className="lettering mb-1">{column.label}</legend>
          <PickOne label={column.label} choices={choices} value={value || null} onChange={(next) => onChange(next ?? '')} />
          <p className="text-sm text-soft">{choices.find((one) => one.code === value)?.hint}</p>
        </fieldset>
      ) : (
        <>
          <label htmlFor={id} className="lettering block">
            {column.label}
          </label>
          <select
            id={id}
            className="entry min-h-12 max-w-96"
            value={value}
            aria-invalid={error ? true : undefined}
            onChange={(event) => onChange(event.target.value)}
          >
            <option value="">not said</option>
            {choices.map(({ code, label }) => (
              <option key={code} value={code}>
                {label}
              </option>
            ))}
          </select>
        </>
      )}
      {error && (
        <p role="alert" className="text-sm font-semibold text-molten">
          {error}
        </p>
      )}
    </div>
  );
}
