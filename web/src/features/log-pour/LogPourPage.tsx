import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Controller, useForm, useWatch, type Control } from 'react-hook-form';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { attemptQuery } from '../attempt/index';
import { castingQuery, castingsQuery, NewCasting } from '../castings/index';
import { DefectDrawing, FindingForm } from '../findings/index';
import { defectWords, fieldMessages, ProblemError, useHandbook, type Attempt, type Field, type FindingEntry, type ShownValue, type Suggestions } from '../../shared/api';
import { today } from '../../shared/day';
import { freshId } from '../../shared/id';
import { Cautions } from '../../shared/ui/Cautions';
import { FieldEntry } from '../../shared/ui/FieldEntry';
import { PickMany, PickOne } from '../../shared/ui/Pegs';
import { Empty, Failed } from '../../shared/ui/states';
import { TextEntry } from '../../shared/ui/TextEntry';
import { ConflictDialog } from './ConflictDialog';
import { castingsAtHand, draftOf, entryOf, isAsked, isAskedFirst, STAGES, valueOf, type Draft } from './model';
import { dropDraft, hasDraft, readDraft, suggestionsQuery, useKeepDraft, useSavePour } from './useLogPour';

/** Log a pour: a new one, or the pour of an attempt that was planned, or one to be put right. */
export function LogPourPage() {
  const { id } = useParams();
  return id ? <Known id={id} /> : <Fresh />;
}

function Known({ id }: { id: string }) {
  const attempt = useSuspenseQuery(attemptQuery(id)).data;
  return <LogForm key={attempt.id} attempt={attempt} start={draftOf(attempt, today())} draftKey={attempt.id} />;
}

function Fresh() {
  const [params] = useSearchParams();
  const start: Draft = {
    id: freshId(),
    casting_id: params.get('casting') ?? '',
    heat_id: null,
    poured_on: today(),
    verdict: null,
    note: '',
    observations: [],
    values: {},
    finding: null,
  };
  return <LogForm key={params.get('casting') ?? ''} attempt={null} start={start} draftKey={`new.${params.get('casting') ?? ''}`} />;
}

function LogForm({ attempt, start, draftKey }: { attempt: Attempt | null; start: Draft; draftKey: string }) {
  const handbook = useHandbook();
  const navigate = useNavigate();
  const [resumed, setResumed] = useState(() => hasDraft(draftKey));
  const [findingId] = useState(() => freshId());
  const form = useForm<Draft>({ defaultValues: readDraft(draftKey, start) });
  const draft = useWatch({ control: form.control }) as Draft;
  useKeepDraft(draftKey, draft, form.formState.isDirty);
  const suggestions = useQuery(suggestionsQuery(draft.casting_id));
  const save = useSavePour((saved, questions) => {
    dropDraft(draftKey);
    void navigate(`/attempts/${saved.id}`, { state: { questions } });
  });
  const [overruled, setOverruled] = useState<number | null>(null);
  const send = (version?: number) => {
    const entry = entryOf(form.getValues(), handbook.fields, attempt);
    const chosen = version ?? overruled;
    save.mutate({ id: draft.id, entry: chosen ? { ...entry, version: chosen } : entry, finding: draft.finding, findingId });
  };
  const messages = fieldMessages(save.error);
  const fieldErrors: Record<string, string> = {};
  for (const [pointer, message] of Object.entries(messages)) fieldErrors[pointer.replace(/^\/(made|planned|heat\/values)\//, '')] = message;
  const stale = save.error instanceof ProblemError && save.error.problem.status === 409 && save.error.problem.current ? (save.error.problem.current as Attempt) : null;
  const process = valueOf(draft.values, 'mould.process') ?? attempt?.planned['mould.process']?.raw ?? null;
  const asked = { control: form.control, attempt, process: typeof process === 'string' ? process : null, suggestions: suggestions.data, errors: fieldErrors };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        send();
      }}
    >
      <h1>{attempt ? `${attempt.casting_name}, no. ${attempt.number}` : 'Log a pour'}</h1>
      <p className="mt-1 text-soft">What you do not know stays blank. Type any unit: 705 C, 1300 F, 4 lb 2 oz, 1 3/4 in.</p>
      {resumed && (
        <p className="caution mt-3">
          <span>This was written here before and never saved.</span>
          <button
            type="button"
            className="press press-quiet"
            onClick={() => {
              dropDraft(draftKey);
              form.reset(start);
              setResumed(false);
            }}
          >
            Start afresh
          </button>
        </p>
      )}
      {!attempt && <WhichCasting control={form.control} error={messages['/casting_id']} />}
      {STAGES.map(({ stages, title }) => (
        <StageBlock key={title} title={title} fields={handbook.fields.filter((field) => (stages as readonly string[]).includes(field.stage))} asked={asked} />
      ))}
      <Block title="Noticed during the pour">
        <Controller
          control={form.control}
          name="observations"
          render={({ field }) => (
            <PickMany label="Noticed during the pour" choices={handbook.observations.map((row) => ({ ...row, hint: '' }))} value={field.value} onChange={field.onChange} />
          )}
        />
      </Block>
      <Block title="What came out">
        <div className="grid gap-5 md:grid-cols-2">
          <fieldset>
            <legend className="lettering mb-1">Verdict</legend>
            <Controller
              control={form.control}
              name="verdict"
              render={({ field }) => <PickOne label="Verdict" choices={handbook.choices['verdict'] ?? []} value={field.value} onChange={field.onChange} />}
            />
          </fieldset>
          <TextEntry label="Poured on" type="date" max={today()} error={messages['/poured_on']} {...form.register('poured_on')} />
        </div>
        <FirstFinding control={form.control} />
        <div className="mt-4">
          <TextEntry label="Note" error={messages['/note']} {...form.register('note')} />
        </div>
      </Block>
      <div className="save-bar" data-idle={!form.formState.isDirty && !resumed}>
        {save.isError && !stale && <Failed error={save.error} />}
        <button type="submit" className="press press-molten px-8 text-lg" disabled={save.isPending || (!attempt && !draft.casting_id)}>
          {save.isPending ? 'Saving' : attempt ? 'Save' : 'Save the pour'}
        </button>
        {!attempt && !draft.casting_id && <span className="text-soft">Say which casting it was.</span>}
      </div>
      {stale && (
        <ConflictDialog
          entry={entryOf(draft, handbook.fields, attempt)}
          current={stale}
          onMine={() => {
            setOverruled(stale.version);
            send(stale.version);
          }}
          onTheirs={() => {
            dropDraft(draftKey);
            void navigate(`/attempts/${stale.id}`);
          }}
          onClose={() => save.reset()}
        />
      )}
    </form>
  );
}

function WhichCasting({ control, error }: { control: Control<Draft>; error: string | undefined }) {
  const { castings, more } = useSuspenseQuery(castingsQuery()).data;
  const [adding, setAdding] = useState(false);
  const [all, setAll] = useState(false);
  const chosenId = useWatch({ control, name: 'casting_id' });
  const listed = castings.find((casting) => casting.id === chosenId);
  // One that is older than the list reaches.
  const older = useQuery({ ...castingQuery(chosenId), enabled: chosenId !== '' && !listed }).data;
  const atHand = castingsAtHand<{ id: string; name: string }>(castings, listed ?? (older?.id === chosenId ? older : undefined), all);
  return (
    <Block title="Casting">
      <Controller
        control={control}
        name="casting_id"
        render={({ field }) => (
          <>
            {castings.length === 0 && (
              <Empty title="First: what did you cast?">
                <p>A casting is a thing you want to make; this pour becomes the first attempt at it.</p>
              </Empty>
            )}
            <div className="flex flex-wrap gap-2">
              <PickOne
                label="Casting"
                choices={atHand.map((casting) => ({ code: casting.id, label: casting.name, hint: '' }))}
                value={field.value || null}
                onChange={(next) => field.onChange(next ?? '')}
              />
              <button type="button" className="press" onClick={() => setAdding(true)}>
                New casting
              </button>
              {!all && atHand.length < castings.length && (
                <button type="button" className="press" onClick={() => setAll(true)}>
                  More castings
                </button>
              )}
            </div>
            {all && more && (
              <p className="mt-2 text-soft">
                Older ones are under <Link to="/castings">Castings</Link>: open one and log from there.
              </p>
            )}
            {error && (
              <p role="alert" className="mt-1 font-semibold text-molten">
                {error}
              </p>
            )}
            {adding && (
              <NewCasting
                open
                onClose={() => setAdding(false)}
                onAdded={(id) => {
                  field.onChange(id);
                  setAdding(false);
                }}
              />
            )}
          </>
        )}
      />
    </Block>
  );
}

interface Asked {
  control: Control<Draft>;
  attempt: Attempt | null;
  process: string | null;
  suggestions: Suggestions | undefined;
  errors: Record<string, string>;
}

function StageBlock({ title, fields, asked }: { title: string; fields: readonly Field[]; asked: Asked }) {
  const here = fields.filter((field) => isAsked(field, asked.process) && field.kind !== 'sections');
  const first = here.filter(isAskedFirst);
  const rest = here.filter((field) => !isAskedFirst(field));
  const noted = rest.some((field) => asked.errors[field.key]);
  return (
    <Block title={title}>
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-2">
        {first.map((field) => (
          <OneField key={field.key} field={field} asked={asked} wide={field.choices === 'process'} />
        ))}
      </div>
      {title === 'Mould' && <Cautions facts={{ 'mould.process': asked.process }} />}
      {rest.length > 0 && (
        <details className="mt-3" open={noted || undefined}>
          <summary className="press press-quiet -ml-2 cursor-pointer">More about it ({rest.length})</summary>
          <div className="mt-3 grid gap-x-8 gap-y-4 md:grid-cols-2">
            {rest.map((field) => (
              <OneField key={field.key} field={field} asked={asked} />
            ))}
          </div>
        </details>
      )}
    </Block>
  );
}

function OneField({ field, asked, wide = false }: { field: Field; asked: Asked; wide?: boolean }) {
  const planned = asked.attempt?.planned[field.key];
  const name = `values.${field.key}` as `values.${string}.${string}`;
  return (
    <Controller
      control={asked.control}
      name={name}
      render={({ field: entry }) => (
        <div className={wide ? 'md:col-span-2' : undefined}>
          <FieldEntry
            field={field}
            value={entry.value ?? null}
            onChange={entry.onChange}
            planned={planned}
            offered={planned ? undefined : offer(field.key, asked.suggestions)}
            error={asked.errors[field.key]}
            changed={asked.attempt?.changed_fields.includes(field.key) ?? false}
          />
        </div>
      )}
    />
  );
}

/** What this casting had last time, else what the workshop had. */
function offer(key: string, suggestions: Suggestions | undefined): ShownValue | undefined {
  return suggestions?.casting[key] ?? suggestions?.workshop[key];
}

function FirstFinding({ control }: { control: Control<Draft> }) {
  const handbook = useHandbook();
  const [open, setOpen] = useState(false);
  return (
    <Controller
      control={control}
      name="finding"
      render={({ field }) => {
        const finding = field.value as FindingEntry | null;
        return (
          <div className="mt-5">
            <span className="lettering">First finding</span>
            {finding ? (
              <div className="flex items-center gap-4">
                <DefectDrawing kind={finding.kind} width={80} />
                <span className="figure text-lg">{defectWords(handbook, finding.kind)}</span>
                <button type="button" className="press press-quiet" onClick={() => setOpen(true)}>
                  Change
                </button>
                <button type="button" className="press press-quiet" onClick={() => field.onChange(null)}>
                  Take it back
                </button>
              </div>
            ) : (
              <div>
                <button type="button" className="press" onClick={() => setOpen(true)}>
                  What is wrong with it?
                </button>
              </div>
            )}
            <FindingForm
              open={open}
              start={finding ?? undefined}
              onClose={() => setOpen(false)}
              onSave={(next) => {
                field.onChange(next);
                setOpen(false);
              }}
            />
          </div>
        );
      }}
    />
  );
}

function Block({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <section className="mt-7 border-t border-ink pt-2 md:grid md:grid-cols-[9.5rem_1fr] md:gap-6" aria-label={title}>
      <h2 className="mb-3">{title}</h2>
      <div className="min-w-0">{children}</div>
    </section>
  );
}
