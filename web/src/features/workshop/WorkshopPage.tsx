import { useSuspenseQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { fieldMessages, useHandbook, type Workshop } from '../../shared/api';
import { PickOne } from '../../shared/ui/Pegs';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { Failed } from '../../shared/ui/states';
import { MixCharge } from './MixCharge';
import { draftOf, entryOf, KINDS, TARIFFS, type Column, type Draft, type Kind } from './model';
import { useSaveWorkshop, workshopQuery } from './queries';

/** What the caster owns and goes by. Plans are made with it: sizes in your own tools, your own crucibles, your own tariff. */
export function WorkshopPage() {
  const workshop = useSuspenseQuery(workshopQuery).data;
  return <Shelves key={workshop.version} workshop={workshop} />;
}

function Shelves({ workshop }: { workshop: Workshop }) {
  const handbook = useHandbook();
  const [draft, setDraft] = useState<Draft>(() => draftOf(workshop));
  const [touched, setTouched] = useState(false);
  const save = useSaveWorkshop();
  const messages = fieldMessages(save.error);
  const change = (next: Partial<Draft>) => {
    setTouched(true);
    setDraft({ ...draft, ...next });
  };
  const setRows = (kind: Kind, rows: Record<string, string>[]) => change({ rows: { ...draft.rows, [kind]: rows } });
  return (
    <article>
      <h1>Workshop</h1>
      <p className="mt-1 text-soft">What you own and go by. Blanks are fine: a plan then says what it took for granted.</p>
      {workshop.unreadable.length > 0 && (
        <div className="caution mt-3" role="note">
          <p>Some of what is stored is no longer understood; it is kept aside when you save: {workshop.unreadable.join(' ')}</p>
        </div>
      )}
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate(entryOf(draft));
        }}
      >
        {KINDS.map(({ kind, title, why, add, columns }) => (
          <section key={kind} className="mt-6 border-t border-ink pt-2 md:grid md:grid-cols-[10rem_1fr] md:gap-6" aria-label={title}>
            <div>
              <h2>{title}</h2>
              <p className="text-sm text-soft">{why}</p>
              {kind === 'furnaces' && workshop.learnt.efficiency !== null && (
                <p className="mt-1 text-sm">
                  From {workshop.learnt.heats} of your heats: <span className="figure">{Math.round(workshop.learnt.efficiency * 100)} %</span> reaches the metal.
                </p>
              )}
            </div>
            <div className="min-w-0">
              {draft.rows[kind].map((row, index) => (
                <Row
                  key={index}
                  title={`${title} ${index + 1}`}
                  row={row}
                  columns={columns}
                  messages={messages}
                  pointer={`/${kind}/${index}`}
                  shown={touched ? {} : workshop.shown}
                  onChange={(next) =>
                    setRows(
                      kind,
                      draft.rows[kind].map((old, i) => (i === index ? next : old)),
                    )
                  }
                  onRemove={() =>
                    setRows(
                      kind,
                      draft.rows[kind].filter((_row, i) => i !== index),
                    )
                  }
                />
              ))}
              <button type="button" className="press mt-2" onClick={() => setRows(kind, [...draft.rows[kind], { name: '' }])}>
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
                value={draft.currency}
                onChange={(currency) => change({ currency: currency.toUpperCase() })}
                error={messages['/currency']}
              />
              {TARIFFS.map(({ source, label }) => (
                <SmallEntry
                  key={source}
                  label={label}
                  width="w-36"
                  value={draft.tariffs[source] ?? ''}
                  example="0.34"
                  onChange={(price) => change({ tariffs: { ...draft.tariffs, [source]: price } })}
                  error={messages[`/tariffs/${source}`]}
                />
              ))}
              <SmallEntry
                label="One person lifts"
                width="w-36"
                value={draft.safe_lift}
                example="15 kg"
                onChange={(safe_lift) => change({ safe_lift })}
                error={messages['/safe_lift']}
                reads={touched ? '' : otherwise(workshop.shown['/safe_lift'], draft.safe_lift)}
              />
            </div>
            <fieldset className="mt-4">
              <legend className="lettering mb-1">School of gating</legend>
              <PickOne label="School of gating" choices={handbook.choices['school'] ?? []} value={draft.school} onChange={(school) => change({ school })} />
            </fieldset>
          </div>
        </section>
        <div className="save-bar" data-idle={!touched}>
          {save.isError && <Failed error={save.error} />}
          <button type="submit" className="press press-molten px-8 text-lg" disabled={save.isPending || !touched}>
            {save.isPending ? 'Saving' : 'Save the workshop'}
          </button>
          {save.isSuccess && !touched && <span className="text-soft">Saved.</span>}
        </div>
      </form>
      <MixCharge hasStock={workshop.stock.some((row) => row['mass'] !== undefined)} currency={workshop.currency} />
    </article>
  );
}

function Row({
  title,
  row,
  columns,
  messages,
  pointer,
  shown,
  onChange,
  onRemove,
}: {
  title: string;
  row: Record<string, string>;
  columns: readonly Column[];
  messages: Record<string, string>;
  pointer: string;
  /** In the caster's units, by pointer; as long as nothing is changed. */
  shown: Record<string, string>;
  onChange: (row: Record<string, string>) => void;
  onRemove: () => void;
}) {
  const complaint = (key: string) => messages[`${pointer}/${key}`] ?? Object.entries(messages).find(([at]) => at.startsWith(`${pointer}/${key}/`))?.[1];
  return (
    <div role="group" aria-label={title} className="hairline flex flex-wrap items-start gap-x-4 gap-y-1 py-2 first:border-t-0">
      <SmallEntry label="Name" width="w-36" value={row['name'] ?? ''} onChange={(name) => onChange({ ...row, name })} error={complaint('name')} />
      {columns.map((column) =>
        column.choices ? (
          <Choice key={column.key} column={column} value={row[column.key] ?? ''} onChange={(value) => onChange({ ...row, [column.key]: value })} error={complaint(column.key)} />
        ) : (
          <SmallEntry
            key={column.key}
            label={column.label}
            width={column.key === 'composition' ? 'w-64 flex-1' : 'w-32'}
            value={row[column.key] ?? ''}
            example={column.example}
            onChange={(value) => onChange({ ...row, [column.key]: value })}
            error={complaint(column.key)}
            reads={otherwise(shown[`${pointer}/${column.key}`], row[column.key])}
          />
        ),
      )}
      <button type="button" className="press press-quiet mt-5 text-sm" onClick={onRemove}>
        Take out <span className="sr-only">{row['name'] || title}</span>
      </button>
    </div>
  );
}

/** What was typed in another unit, as the caster reads it; nothing where it says the same. */
function otherwise(shown: string | undefined, typed: string | undefined): string {
  const unit = (text: string) => text.replaceAll(/[\d\s.,/–-]/g, '');
  return shown === undefined || unit(shown) === unit(typed ?? '') ? '' : shown;
}

function Choice({ column, value, onChange, error }: { column: Column; value: string; onChange: (value: string) => void; error: string | undefined }) {
  const id = useId();
  return (
    <div className="w-36">
      <label htmlFor={id} className="block text-sm text-soft">
        {column.label}
      </label>
      <select id={id} className="entry" value={value} aria-invalid={error ? true : undefined} onChange={(event) => onChange(event.target.value)}>
        <option value="">not said</option>
        {Object.entries(column.choices ?? {}).map(([code, words]) => (
          <option key={code} value={code}>
            {words}
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
