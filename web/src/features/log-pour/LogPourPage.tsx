import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { Link, Navigate, useNavigate, useParams, useSearchParams } from 'react-router';
import { v7 as freshId } from 'uuid';
import { attemptQuery, madeField, partsOf, seenOf, standing } from '../attempt/index';
import { castingQuery, castingsQuery, NewCasting } from '../castings/index';
import { DefectDrawing, FindingForm } from '../findings/index';
import { MouldOfDraft } from '../heaps/index';
import { MouldedOfDraft } from '../patterns/index';
import { MixedByDraft } from '../mixes/index';
import { Repeats } from '../repeats/index';
import { defectWords, useHandbook, type Attempt, type Field, type Handbook, type ShownValue, type Suggestions } from '../../shared/api';
import { dayWords, today } from '../../shared/day';
import { device, isBlank, readable, shapes, useDraft, useDraftPart, useOutbox, type DraftInHand, type Stands } from '../../shared/record';
import { Cautions } from '../../shared/ui/Cautions';
import { DraftState } from '../../shared/ui/DraftState';
import { FieldEntry } from '../../shared/ui/FieldEntry';
import { PickMany, PickOne } from '../../shared/ui/Pegs';
import { Empty } from '../../shared/ui/states';
import { TextEntry } from '../../shared/ui/TextEntry';
import { useArrived, useSaving } from '../../shared/ui/useSaving';
import { castingsAtHand, isAsked, ofAnotherProcess, STAGES } from './model';
import { suggestionsQuery } from './queries';

/** Log a pour: a new one, or the pour of an attempt that was planned, or one to be put right. */
export function LogPourPage() {
  const { id } = useParams();
  const [params] = useSearchParams();
  const fresh = params.get('new');
  if (id) return <Known id={id} />;
  // A new pour has its id from the start, in the address: a reload finds its draft, and another tab begins another pour.
  if (!fresh)
    return <Navigate to={`/log?new=${freshId()}${params.get('casting') ? `&casting=${params.get('casting') ?? ''}` : ''}`} replace />;
  return <LogForm key={fresh} id={fresh} attempt={null} casting={params.get('casting')} />;
}

function Known({ id }: { id: string }) {
  const attempt = useSuspenseQuery(attemptQuery(id)).data;
  return <LogForm key={attempt.id} id={attempt.id} attempt={attempt} casting={attempt.casting_id} />;
}

function LogForm({ id, attempt, casting }: { id: string; attempt: Attempt | null; casting: string | null }) {
  const handbook = useHandbook();
  const navigate = useNavigate();
  const record = `attempt ${id}`;
  const begun = { heat: useDraftPart(record, 'heat')?.id, finding: useDraftPart(record, 'finding')?.id };
  const [own] = useState(() => ({ heat: freshId(), finding: freshId() }));
  const [joined, setJoined] = useState<string | null>(null);
  const { busy, outcome, run } = useSaving();
  const suggestions = useQuery(suggestionsQuery(casting ?? '')).data;
  const heatId = joined ?? begun.heat ?? attempt?.heat?.id ?? own.heat;
  const heat = suggestions?.heats.find((one) => one.id === heatId);
  const label = attempt ? `${attempt.casting_name}, no. ${attempt.number}: the pour` : 'A pour to be logged';
  const path = attempt ? `/attempts/${id}/log` : `/log?new=${id}${casting ? `&casting=${casting}` : ''}`;
  const parts = {
    ...partsOf(id, heatId, heatId === attempt?.heat?.id || heat !== undefined),
    finding: { part: 'finding' as const, id: begun.finding ?? own.finding, create: { attempt: id } },
  };
  const seen: Record<string, Stands> = attempt ? seenOf(attempt) : {};
  if (heat && heatId !== attempt?.heat?.id) {
    for (const key of Object.keys(seen)) if (key.startsWith('heat/')) Reflect.deleteProperty(seen, key);
    for (const [key, value] of Object.entries(heat.values)) seen[`heat/${key}`] = standing(value);
  }
  const draft = useDraft(record, { label, path, parts }, seen);
  const poured = draft.isTouched('attempt/poured_on') || attempt?.poured_on ? (draft.at('attempt/poured_on')?.raw ?? '') : today();
  const chosen = draft.at('attempt/create.casting')?.raw ?? casting;
  const set: DraftInHand['set'] = (field, raw, shown, explicit) => {
    // What a new pour hangs on, and the day it was, are said with the first thing that is typed.
    if (!attempt && chosen && !draft.isTouched('attempt/create.casting')) draft.set('attempt/create.casting', chosen);
    if (!attempt?.poured_on && !draft.isTouched('attempt/poured_on') && field !== 'attempt/poured_on')
      draft.set('attempt/poured_on', today());
    if (field.startsWith('heat/') && draft.at('attempt/heat')?.raw !== heatId) draft.set('attempt/heat', heatId);
    draft.set(field, raw, shown, explicit);
  };
  const inHand: DraftInHand = { ...draft, set };
  const process = draft.at('attempt/made.mould.process')?.raw ?? attempt?.planned['mould.process']?.raw ?? null;
  const alloy = draft.at('heat/metal.alloy')?.raw ?? null;
  const asked: Asked = { draft: inHand, attempt, process: typeof process === 'string' ? process : null, suggestions };
  const save = async () => {
    if (!attempt?.poured_on && !draft.isTouched('attempt/poured_on')) draft.set('attempt/poured_on', today());
    if (!attempt && chosen) draft.set('attempt/create.casting', chosen);
    // A heat that nothing is told of is no heat.
    if (
      draft.isTouched('attempt/heat') &&
      heat === undefined &&
      heatId !== attempt?.heat?.id &&
      !draft.touched.some((field) => field.startsWith('heat/'))
    )
      draft.set('attempt/heat', attempt?.heat?.id ?? null);
    const next = await run(draft.save);
    if (next?.state === 'done') void navigate(`/attempts/${id}`, { state: { questions: next.questions } });
    if (next === null && attempt) void navigate(`/attempts/${id}`);
  };
  useArrived(draft, outcome, () => void navigate(`/attempts/${id}`));
  const away = attempt !== null || draft.onItsWay;
  const noticed = (label: string, which: (row: Handbook['observations'][number]) => boolean) => {
    const rows = handbook.observations.filter(which);
    const is = (code: string) => draft.at(`attempt/observations.${code}`)?.raw === true;
    return (
      <PickMany
        label={label}
        choices={rows.map((row) => ({ ...row, hint: '' }))}
        value={rows.filter((row) => is(row.code)).map((row) => row.code)}
        onChange={(codes) => {
          for (const { code } of rows) if (is(code) !== codes.includes(code)) set(`attempt/observations.${code}`, is(code) ? null : true);
        }}
      />
    );
  };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <h1>{attempt ? `${attempt.casting_name}, no. ${attempt.number}` : 'Log a pour'}</h1>
      <p className="mt-1 text-soft">What you do not know stays blank. Type any unit: 705 C, 1300 F, 4 lb 2 oz, 1 3/4 in.</p>
      {!attempt && draft.touched.length === 0 && <Unfinished here={record} />}
      {!attempt && (
        <WhichCasting
          chosen={typeof chosen === 'string' ? chosen : ''}
          onChoose={(next) =>
            next === '' && !draft.isTouched('attempt/create.casting') ? undefined : set('attempt/create.casting', next === '' ? null : next)
          }
          error={draft.problem('attempt/create.casting')}
        />
      )}
      <Repeats {...(attempt && { attempt: attempt.id })} process={asked.process} alloy={typeof alloy === 'string' ? alloy : null} />
      {STAGES.map(({ stages, title }) => (
        <StageBlock
          key={title}
          title={title}
          fields={handbook.fields.filter((field) => (stages as readonly string[]).includes(field.stage))}
          asked={asked}
        >
          {title === 'Metal' && (
            <WhichHeat
              heats={suggestions?.heats ?? []}
              chosen={heat ? heatId : null}
              onChoose={(next) => {
                setJoined(next ?? own.heat);
                draft.set('attempt/heat', next);
              }}
            />
          )}
        </StageBlock>
      ))}
      <OfAnotherProcess fields={handbook.fields} asked={asked} />
      <Block title="Noticed">
        {NOTICED.map(({ when, words }) => (
          <fieldset key={when} className="mb-4">
            <legend className="lettering mb-1">{words}</legend>
            {noticed(words, (row) => row.when === when)}
          </fieldset>
        ))}
      </Block>
      <Block title="What came out">
        <div className="grid gap-5 md:grid-cols-2">
          <fieldset>
            <legend className="lettering mb-1">Verdict</legend>
            <PickOne
              label="Verdict"
              choices={handbook.choices['verdict'] ?? []}
              value={typeof draft.at('attempt/verdict')?.raw === 'string' ? String(draft.at('attempt/verdict')?.raw) : null}
              onChange={(next) => set('attempt/verdict', next)}
            />
          </fieldset>
          <TextEntry
            label="Poured on"
            type="date"
            max={today()}
            error={draft.problem('attempt/poured_on')}
            value={String(poured)}
            onChange={(event) => set('attempt/poured_on', event.target.value || null, event.target.value, true)}
          />
        </div>
        <FirstFinding draft={inHand} />
        <fieldset className="mt-4">
          <legend className="lettering mb-1">What else was looked at</legend>
          {noticed('What else was looked at', (row) => row.when === 'inspection')}
        </fieldset>
        <div className="mt-4">
          <TextEntry
            label="Note"
            error={draft.problem('attempt/note')}
            value={draft.at('attempt/note')?.shown ?? ''}
            onChange={(event) => set('attempt/note', event.target.value || null)}
          />
        </div>
      </Block>
      <div className="save-bar" data-idle={draft.touched.length === 0 && outcome === null}>
        <DraftState draft={draft} outcome={outcome} what="The pour" onDrop={() => void draft.drop()} />
        <button type="submit" className="press press-molten px-8 text-lg" disabled={busy || (!away && !chosen)}>
          {busy ? 'Saving' : attempt?.poured_on ? 'Save' : 'Save the pour'}
        </button>
        {!attempt && !chosen && <span className="text-soft">Say which casting it was.</span>}
      </div>
    </form>
  );
}

/** In the order of the day. */
const NOTICED = [
  { when: 'mould', words: 'At the mould' },
  { when: 'melt', words: 'In the melt' },
  { when: 'pour', words: 'During the pour' },
  { when: 'cooling', words: 'Afterwards, until it was opened' },
] as const;

/** Pours that were begun here and never saved. */
function Unfinished({ here }: { here: string }) {
  const outbox = useOutbox();
  const rows = useLiveQuery(() => device.drafts.where({ account: outbox.account }).toArray(), [outbox.account]) ?? [];
  const pours = readable(shapes.draftRow, rows).filter((draft) => draft.path.startsWith('/log') && draft.record !== here);
  if (pours.length === 0) return null;
  return (
    <div className="caution mt-3">
      <ul>
        {pours.map((draft) => (
          <li key={draft.record}>
            A pour begun here {dayWords(today(new Date(draft.at)))} was never saved. <Link to={draft.path}>Go on with it</Link>
          </li>
        ))}
      </ul>
    </div>
  );
}

function WhichCasting({ chosen, onChoose, error }: { chosen: string; onChoose: (casting: string) => void; error: string | undefined }) {
  const { castings, more } = useSuspenseQuery(castingsQuery()).data;
  const [adding, setAdding] = useState(false);
  const [all, setAll] = useState(false);
  const listed = castings.find((casting) => casting.id === chosen);
  // One that is older than the list reaches.
  const older = useQuery({ ...castingQuery(chosen), enabled: chosen !== '' && !listed, retry: false }).data;
  const atHand = castingsAtHand<{ id: string; name: string }>(castings, listed ?? (older?.id === chosen ? older : undefined), all);
  return (
    <Block title="Casting">
      {castings.length === 0 && (
        <Empty title="First: what did you cast?">
          <p>A casting is a thing you want to make; this pour becomes the first attempt at it.</p>
        </Empty>
      )}
      <div className="flex flex-wrap gap-2">
        <PickOne
          label="Casting"
          choices={atHand.map((casting) => ({ code: casting.id, label: casting.name, hint: '' }))}
          value={chosen || null}
          onChange={(next) => onChoose(next ?? '')}
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
            onChoose(id);
            setAdding(false);
          }}
        />
      )}
    </Block>
  );
}

/** Several moulds may be filled from one melt: what is known of it is told once. */
function WhichHeat({
  heats,
  chosen,
  onChoose,
}: {
  heats: Suggestions['heats'];
  chosen: string | null;
  onChoose: (heat: string | null) => void;
}) {
  if (heats.length === 0) return null;
  return (
    <fieldset className="mb-4">
      <legend className="lettering mb-1">Which melt was it poured from?</legend>
      <PickOne
        label="The same melt as before"
        choices={heats.map((heat) => ({
          code: heat.id,
          label:
            heat.name ??
            [heat.melted_on ? dayWords(heat.melted_on) : 'no day', heat.values['metal.alloy']?.shown].filter(Boolean).join(', '),
          hint: '',
        }))}
        value={chosen}
        onChange={onChoose}
      />
      <p className="mt-1 text-sm text-soft">
        {chosen === null
          ? 'None of these: a melt of its own. Several moulds filled from one melt share what is known of it.'
          : 'What you change of this melt below is changed for every mould that was filled from it.'}
      </p>
    </fieldset>
  );
}

interface Asked {
  draft: DraftInHand;
  attempt: Attempt | null;
  process: string | null;
  suggestions: Suggestions | undefined;
}

function StageBlock({
  title,
  fields,
  asked,
  children,
}: {
  title: string;
  fields: readonly Field[];
  asked: Asked;
  children?: React.ReactNode;
}) {
  const here = fields.filter((field) => isAsked(field, asked.process) && field.kind !== 'sections');
  const first = here.filter((field) => field.first);
  const rest = here.filter((field) => !field.first);
  const noted = rest.some((field) => asked.draft.problem(madeField(field)));
  return (
    <Block title={title}>
      {children}
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-2">
        {first.map((field) => (
          <OneField key={field.key} field={field} asked={asked} wide={field.choices === 'process'} />
        ))}
      </div>
      {title === 'Mould' && (
        <>
          <div className="mt-4">
            <MouldedOfDraft draft={asked.draft} process={asked.process} />
            <MouldOfDraft draft={asked.draft} process={asked.process} />
          </div>
          <Cautions facts={{ 'mould.process': asked.process }} />
        </>
      )}
      {rest.length > 0 && (
        <details className="mt-3" open={noted || undefined}>
          <summary className="press press-quiet -ml-2 cursor-pointer">More about it ({rest.length})</summary>
          <div className="mt-3">{title === 'Mould' && <MixedByDraft draft={asked.draft} process={asked.process} />}</div>
          <div className="grid gap-x-8 gap-y-4 md:grid-cols-2">
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
  const name = madeField(field);
  return (
    <div className={wide ? 'md:col-span-2' : undefined} data-field={field.key}>
      <FieldEntry
        field={field}
        value={asked.draft.at(name)}
        onChange={(raw, shown) => asked.draft.set(name, raw, shown)}
        planned={planned}
        offered={planned ? undefined : offer(field.key, asked.suggestions)}
        error={asked.draft.problem(name)}
        changed={asked.attempt?.changed_fields.includes(field.key) ?? false}
        meanwhile={asked.draft.meanwhile(name)}
      />
    </div>
  );
}

/** What was typed for another process stays with the record; nothing is computed with it while the process is this one. */
function OfAnotherProcess({ fields, asked }: { fields: readonly Field[]; asked: Asked }) {
  const apart = ofAnotherProcess(fields, asked.process, (field) => !isBlank(asked.draft.at(madeField(field))?.raw));
  if (apart.length === 0) return null;
  return (
    <Block title="Of another process">
      <p className="mb-2 text-soft">Kept as you typed it. It counts again when the process does.</p>
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-2">
        {apart.map((field) => (
          <OneField key={field.key} field={field} asked={asked} />
        ))}
      </div>
    </Block>
  );
}

/** What this casting had last time, else what the workshop had. */
function offer(key: string, suggestions: Suggestions | undefined): ShownValue | undefined {
  return suggestions?.casting[key] ?? suggestions?.workshop[key];
}

function FirstFinding({ draft }: { draft: DraftInHand }) {
  const handbook = useHandbook();
  const [open, setOpen] = useState(false);
  const kind = draft.at('finding/kind')?.raw;
  return (
    <div className="mt-5">
      <span className="lettering">First finding</span>
      {typeof kind === 'string' ? (
        <div className="flex items-center gap-4">
          <DefectDrawing kind={kind} width={80} />
          <span className="figure text-lg">{defectWords(handbook, kind)}</span>
          <button type="button" className="press press-quiet" onClick={() => setOpen(true)}>
            Change
          </button>
          <button
            type="button"
            className="press press-quiet"
            onClick={() => {
              for (const field of draft.touched) if (field.startsWith('finding/')) draft.set(field, null);
            }}
          >
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
        onClose={() => setOpen(false)}
        draft={draft}
        title="What is wrong with it?"
        done="Add the finding"
        onDone={() => setOpen(false)}
      />
    </div>
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
