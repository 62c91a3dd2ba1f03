import { useSuspenseQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { Link } from 'react-router';
import { v7 as freshId } from 'uuid';
import { HeapShelf } from '../heaps/index';
import { HistoryList } from '../record-tools/index';
import { TARIFFS, useHandbook, type Column, type Workshop } from '../../shared/api';
import { partOf, useDraft, useOutbox, type DraftInHand, type PartRef, type Plain } from '../../shared/record';
import { Dialog } from '../../shared/ui/Dialog';
import { DraftState } from '../../shared/ui/DraftState';
import { PickOne } from '../../shared/ui/Pegs';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { useSaving } from '../../shared/ui/useSaving';
import { InstrumentShelf } from './InstrumentShelf';
import { MixCharge } from './MixCharge';
import { KINDS, readComposition, seenOf, type Kind } from './model';
import { workshopQuery } from './queries';

/** What the caster owns and goes by. Plans are made with it: sizes in your own tools, your own crucibles, your own tariff. */
export function WorkshopPage() {
  const workshop = useSuspenseQuery(workshopQuery).data;
  const handbook = useHandbook();
  const outbox = useOutbox();
  const rows = KINDS.flatMap(({ kind }) => workshop[kind].map((row) => row.id));
  const parts: Record<string, PartRef> = { workshop: { part: 'workshop', id: outbox.account } };
  for (const id of rows) parts[id] = { part: 'workshop_row', id };
  const draft = useDraft('workshop', { label: 'Workshop', path: '/workshop', parts }, seenOf(workshop), newThing);
  const { busy, outcome, run } = useSaving();
  const [history, setHistory] = useState(false);
  const typed = draft.touched.length > 0;
  const text = (field: string) => draft.at(field)?.shown ?? '';
  const set = (field: string, value: string | null) => draft.set(field, value === '' ? null : value);
  return (
    <article>
      <div className="flex flex-wrap items-start justify-between gap-4">
        <h1>Workshop</h1>
        <button type="button" className="press press-quiet" onClick={() => setHistory(true)}>
          What was changed
        </button>
      </div>
      <p className="mt-1 text-soft">What you own and go by. Blanks are fine: a plan then says what it took for granted.</p>
      {workshop.unreadable.length > 0 && (
        <div className="caution mt-3" role="note">
          <p>Some of what is stored is no longer understood; it stays as it is: {workshop.unreadable.join(' ')}</p>
        </div>
      )}
      <HeapShelf />
      <p className="mt-6 border-t-[3px] border-double border-ink pt-4">
        <Link to="/workshop/mixes" className="press press-molten min-h-14">
          Mix a batch
        </Link>{' '}
        <span className="text-soft">Plaster, rubber, sand, coats: masses on the scale, in the order of mixing, with a clock.</span>
      </p>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void run(draft.save);
        }}
      >
        {KINDS.map(({ kind, title, why, add, columns }) => (
          <section key={kind} className="mt-6 border-t border-ink pt-2 md:grid md:grid-cols-[10rem_1fr] md:gap-6" aria-label={title}>
            <div>
              <h2>{title}</h2>
              <p className="text-sm text-soft">{why}</p>
              {kind === 'furnaces' && <Learnt learnt={workshop.learnt} />}
            </div>
            <div className="min-w-0">
              {[...workshop[kind].map((row) => row.id), ...added(draft, kind, rows)].map((id, index) => (
                <Row key={id} id={id} title={`${title} ${index + 1}`} columns={columns} draft={draft} shown={shownOf(workshop, kind, id)} />
              ))}
              <button type="button" className="press mt-2" onClick={() => draft.set(`${freshId()}/create.kind`, kind)}>
                Add {add}
              </button>
            </div>
          </section>
        ))}
        <section className="mt-6 border-t border-ink pt-2 md:grid md:grid-cols-[10rem_1fr] md:gap-6" aria-label="Prices, lift, school">
          <h2>Prices, lift, school</h2>
          <div>
            <div className="flex flex-wrap gap-4">
              <SmallEntry
                label="Currency"
                width="w-24"
                value={text('workshop/currency')}
                onChange={(currency) => set('workshop/currency', currency.toUpperCase())}
                error={draft.problem('workshop/currency')}
              />
              {TARIFFS.map(({ source, label }) => (
                <SmallEntry
                  key={source}
                  label={label}
                  width="w-36"
                  value={text(`workshop/tariffs.${source}`)}
                  example="0.34"
                  onChange={(price) => set(`workshop/tariffs.${source}`, price)}
                  error={draft.problem(`workshop/tariffs.${source}`)}
                />
              ))}
              <SmallEntry
                label="One person lifts"
                width="w-36"
                value={text('workshop/safe_lift')}
                example="15 kg"
                onChange={(lift) => set('workshop/safe_lift', lift)}
                error={draft.problem('workshop/safe_lift')}
                reads={draft.isTouched('workshop/safe_lift') ? '' : otherwise(workshop.safe_lift?.shown, text('workshop/safe_lift'))}
              />
            </div>
            <fieldset className="mt-4">
              <legend className="lettering mb-1">School of gating</legend>
              <PickOne
                label="School of gating"
                choices={handbook.choices['school'] ?? []}
                value={text('workshop/school') || null}
                onChange={(school) => set('workshop/school', school)}
              />
            </fieldset>
          </div>
        </section>
        <div className="save-bar" data-idle={!typed && outcome === null}>
          <DraftState draft={draft} outcome={outcome} what="The workshop" onDrop={() => void draft.drop()} />
          {outcome?.state === 'done' && !typed && <span className="text-soft">Saved.</span>}
          <button type="submit" className="press press-molten px-8 text-lg" disabled={busy || !typed}>
            {busy ? 'Saving' : 'Save the workshop'}
          </button>
        </div>
      </form>
      <InstrumentShelf />
      <MixCharge hasStock={workshop.stock.some((row) => row.columns['mass'] !== undefined)} currency={workshop.currency} />
      <Dialog open={history} onClose={() => setHistory(false)} title="What was changed">
        {history && <HistoryList subject="workshop" label="Workshop" path="/workshop" />}
      </Dialog>
    </article>
  );
}

/** A thing that is not in the notebook yet is named by its own id. */
function newThing(key: string): PartRef {
  return { part: 'workshop_row', id: key };
}

/** Things of a kind that were added here and not saved yet. */
function added(draft: DraftInHand, kind: Kind, known: readonly string[]): string[] {
  return draft.names
    .filter((field) => field.endsWith('/create.kind') && draft.at(field)?.raw === kind && !known.includes(partOf(field)))
    .map(partOf);
}

/** As the caster reads it, where it was typed in another unit. */
function shownOf(workshop: Workshop, kind: Kind, id: string): (column: string) => string | undefined {
  const row = workshop[kind].find((one) => one.id === id);
  return (column) => (column === 'composition' ? undefined : row?.columns[column]?.shown);
}

/** What past heats taught of each furnace with each crucible; plans go by it. */
function Learnt({ learnt }: { learnt: Workshop['learnt'] }) {
  return (
    <ul className="mt-1 text-sm">
      {learnt.map((row) => (
        <li key={`${row.furnace ?? ''} ${row.crucible ?? ''}`} className="mt-1">
          {row.furnace ?? 'A furnace without a name'}
          {row.crucible && `, ${row.crucible}`}, {row.heats === 1 ? 'one heat' : `${row.heats} heats`}:{' '}
          {row.efficiency && (
            <>
              <span className="figure">{row.efficiency}</span> reaches the metal
            </>
          )}
          {row.efficiency && row.pace && ', '}
          {row.pace && (
            <>
              melts at <span className="figure">{row.pace}</span>
            </>
          )}
          .
        </li>
      ))}
    </ul>
  );
}

function Row({
  id,
  title,
  columns,
  draft,
  shown,
}: {
  id: string;
  title: string;
  columns: readonly Column[];
  draft: DraftInHand;
  shown: (column: string) => string | undefined;
}) {
  const text = (column: string) => draft.at(`${id}/${column}`)?.shown ?? '';
  const set = (column: string, value: string) => {
    const raw: Plain = value === '' ? null : column === 'composition' ? readComposition(value) : value;
    draft.set(`${id}/${column}`, raw, value);
  };
  const fresh = draft.isTouched(`${id}/create.kind`);
  const gone = draft.at(`${id}/binned`)?.raw === true;
  const remove = () => {
    if (!fresh) draft.set(`${id}/binned`, true);
    else for (const field of draft.touched) if (partOf(field) === id) draft.set(field, null);
  };
  if (gone)
    return (
      <p className="hairline flex flex-wrap items-center gap-x-4 py-2 text-soft first:border-t-0">
        <s>{text('name') || title}</s> goes into the bin when you save.
        <button type="button" className="press press-quiet text-sm" onClick={() => draft.set(`${id}/binned`, null)}>
          Keep it
        </button>
      </p>
    );
  return (
    <div role="group" aria-label={title} className="hairline flex flex-wrap items-start gap-x-4 gap-y-1 py-2 first:border-t-0">
      <SmallEntry
        label="Name"
        width="w-36"
        value={text('name')}
        onChange={(name) => set('name', name)}
        error={draft.problem(`${id}/name`)}
      />
      {columns.map((column) =>
        column.choices ? (
          <Choice
            key={column.key}
            column={column}
            value={text(column.key)}
            onChange={(value) => set(column.key, value)}
            error={draft.problem(`${id}/${column.key}`)}
          />
        ) : (
          <SmallEntry
            key={column.key}
            label={column.label}
            width={column.key === 'composition' ? 'w-64 flex-1' : 'w-32'}
            value={text(column.key)}
            example={column.example}
            onChange={(value) => set(column.key, value)}
            error={draft.problem(`${id}/${column.key}`)}
            reads={draft.isTouched(`${id}/${column.key}`) ? '' : otherwise(shown(column.key), text(column.key))}
          />
        ),
      )}
      <button type="button" className="press press-quiet mt-5 text-sm" onClick={remove}>
        Take out <span className="sr-only">{text('name') || title}</span>
      </button>
    </div>
  );
}

/** What was typed in another unit, as the caster reads it; nothing where it says the same. */
function otherwise(shown: string | undefined, typed: string): string {
  const unit = (text: string) => text.replaceAll(/[\d\s.,/–-]/g, '');
  return shown === undefined || unit(shown) === unit(typed) ? '' : shown;
}

function Choice({
  column,
  value,
  onChange,
  error,
}: {
  column: Column;
  value: string;
  onChange: (value: string) => void;
  error: string | undefined;
}) {
  const id = useId();
  const handbook = useHandbook();
  return (
    <div className="w-36">
      <label htmlFor={id} className="block text-sm text-soft">
        {column.label}
      </label>
      <select
        id={id}
        className="entry"
        value={value}
        aria-invalid={error ? true : undefined}
        onChange={(event) => onChange(event.target.value)}
      >
        <option value="">not said</option>
        {(handbook.choices[column.choices ?? ''] ?? []).map(({ code, label }) => (
          <option key={code} value={code}>
            {label}
          </option>
        ))}
      </select>
      {error && (
        <p role="alert" className="text-sm font-semibold text-molten">
          {error}
        </p>
      )}
    </div>
  );
}
