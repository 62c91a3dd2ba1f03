import { useSuspenseQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { v7 as freshId } from 'uuid';
import { fieldMessages, type Batch, type Recipe } from '../../shared/api';
import { useChange } from '../../shared/record';
import { Dialog } from '../../shared/ui/Dialog';
import { OpenWorking } from '../../shared/ui/OpenWorking';
import { PickMany, PickOne } from '../../shared/ui/Pegs';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { Pressed } from '../../shared/ui/Pressed';
import { StandingMark } from '../../shared/ui/StandingMark';
import { Failed } from '../../shared/ui/states';
import { isKept, useSaving } from '../../shared/ui/useSaving';
import { keep, kept, outcomeWords, toGo, type Running } from './model';
import { recipesQuery, useBatch } from './queries';
import { RecipeForm } from './RecipeForm';

/** Mix a batch: which, for what, and then large on the scale, in the order of mixing, with a clock that starts when the parts meet. */
export function MixesPage() {
  const { recipes, waiting } = useSuspenseQuery(recipesQuery).data;
  const [params, setParams] = useSearchParams();
  const recipe = recipes.find((one) => one.code === params.get('recipe')) ?? null;
  const [running, setRunning] = useState<Running | null>(() => kept());
  const [editing, setEditing] = useState<'new' | 'own' | null>(null);
  const start = (next: Running | null) => {
    keep(next);
    setRunning(next);
  };
  return (
    <article>
      <p className="lettering">
        <Link to="/workshop">Workshop</Link>
      </p>
      <h1>Mix a batch</h1>
      {running && <Clock running={running} onStop={() => start(null)} />}
      <details className="mt-4" open={recipe === null} key={recipe?.code}>
        <summary className="cursor-pointer py-2 underline underline-offset-4">{recipe === null ? 'What' : 'Another mix'}</summary>
        <PickOne
          label="What"
          choices={recipes.map((one) => ({ code: one.code, label: one.label, hint: one.own ? 'Your own' : 'Of the trade' }))}
          value={recipe?.code ?? null}
          onChange={(next) => setParams(next === null ? {} : { recipe: next }, { replace: true })}
        />
      </details>
      {recipe === null ? (
        <p className="mt-4 text-soft">Choose a mix: then it is reckoned for what you fill or coat.</p>
      ) : (
        <>
          <About recipe={recipe} onOwn={() => setEditing('new')} onChange={() => setEditing('own')} />
          <ForWhat key={recipe.code} recipe={recipe} waiting={waiting} onStart={start} />
        </>
      )}
      <Dialog
        open={editing !== null}
        onClose={() => setEditing(null)}
        title={editing === 'new' ? 'A recipe of your own' : (recipe?.label ?? '')}
      >
        {recipe && editing && (
          <RecipeForm
            recipe={recipe}
            fresh={editing === 'new'}
            onDone={(id) => {
              setEditing(null);
              if (id) setParams({ recipe: id }, { replace: true });
            }}
          />
        )}
      </Dialog>
    </article>
  );
}

function About({ recipe, onOwn, onChange }: { recipe: Recipe; onOwn: () => void; onChange: () => void }) {
  const change = useChange();
  const { run } = useSaving();
  return (
    <section className="mt-4" aria-label="The recipe">
      <h2 className="double-ruled">{recipe.label}</h2>
      <p className="mt-2">
        By mass: {recipe.parts.map((part) => `${part.name} ${part.parts}`).join(', ')}; {recipe.reserve} of reserve
        {recipe.works && `; to be worked for ${recipe.works}`}.
      </p>
      {recipe.keeps && <p className="mt-1">{recipe.keeps}</p>}
      {recipe.columns['note'] && <p className="mt-1 italic">“{recipe.columns['note'].shown}”</p>}
      {recipe.outcomes.length > 0 && (
        <ul className="mt-1">
          {outcomeWords(recipe).map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      <p className="mt-2 flex flex-wrap gap-3">
        <button type="button" className="press press-quiet" onClick={onOwn}>
          A recipe of your own after it
        </button>
        {recipe.own && (
          <>
            <button type="button" className="press press-quiet" onClick={onChange}>
              Change it
            </button>
            <button
              type="button"
              className="press press-quiet"
              onClick={() =>
                void run(() =>
                  change({
                    label: recipe.label,
                    path: '/workshop/mixes',
                    changes: [{ part: 'workshop_row', id: recipe.code, set: { binned: { was: false, to: true } } }],
                  }),
                )
              }
            >
              Into the bin
            </button>
          </>
        )}
      </p>
    </section>
  );
}

function ForWhat({
  recipe,
  waiting,
  onStart,
}: {
  recipe: Recipe;
  waiting: { id: string; name: string; number: number; process: string | null }[];
  onStart: (running: Running) => void;
}) {
  const batch = useBatch();
  const moulds = waiting.filter((one) => one.process !== null && recipe.serves.includes(one.process));
  const [attempts, setAttempts] = useState<string[]>([]);
  const [typed, setTyped] = useState({ size: '', coats: '2', temperature: '', bucket: '' });
  const set = (key: keyof typeof typed) => (text: string) => setTyped({ ...typed, [key]: text });
  const messages = fieldMessages(batch.error);
  const first = (prefix: string) => Object.entries(messages).find(([pointer]) => pointer.startsWith(prefix))?.[1];
  // A comma within a figure is a decimal one.
  const sizes = typed.size
    .split(/[;+]|,\s+/)
    .map((one) => one.trim())
    .filter(Boolean);
  const send = () =>
    batch.mutate({
      recipe: recipe.code,
      attempts,
      volumes: recipe.by === 'volume' ? sizes : [],
      area: recipe.by === 'area' ? (sizes[0] ?? null) : null,
      coats: recipe.by === 'area' ? Number(typed.coats) || 0 : 1,
      temperature: typed.temperature.trim() || null,
      bucket: typed.bucket.trim() || null,
    });
  return (
    <div className="mt-4 grid gap-x-10 gap-y-6 lg:grid-cols-[24rem_1fr]">
      <form
        noValidate
        aria-label="For what"
        onSubmit={(event) => {
          event.preventDefault();
          send();
        }}
      >
        {moulds.length > 0 && (
          <fieldset className="mb-4">
            <legend className="lettering mb-1">For these moulds</legend>
            <PickMany
              label="For these moulds"
              choices={moulds.map((one) => ({ code: one.id, label: `${one.name}, no. ${one.number}`, hint: '' }))}
              value={attempts}
              onChange={setAttempts}
            />
            {first('/attempts') && (
              <p role="alert" className="mt-1 font-semibold text-molten">
                {first('/attempts')}
              </p>
            )}
          </fieldset>
        )}
        <div className="grid grid-cols-2 gap-4">
          <SmallEntry
            label={recipe.by === 'volume' ? 'To be filled, several with +' : 'To be coated'}
            width="col-span-2"
            value={typed.size}
            example={recipe.by === 'volume' ? '1.2 L + 0.8 L' : '450 cm²'}
            onChange={set('size')}
            error={first('/volumes') ?? first('/area')}
          />
          {recipe.by === 'area' && (
            <SmallEntry label="Coats" width="" value={typed.coats} example="2" onChange={set('coats')} error={first('/coats')} />
          )}
          <SmallEntry
            label={`Temperature of the ${recipe.of}`}
            width=""
            value={typed.temperature}
            example="20 C"
            onChange={set('temperature')}
            error={first('/temperature')}
          />
          {recipe.by === 'volume' && (
            <SmallEntry
              label="Largest bucket"
              width=""
              value={typed.bucket}
              example="5 L"
              onChange={set('bucket')}
              error={first('/bucket')}
            />
          )}
        </div>
        <button type="submit" className="press press-molten mt-4 min-h-14 px-6 text-lg" disabled={batch.isPending}>
          Put it on the scale
        </button>
        {batch.isError && Object.keys(messages).length === 0 && <Failed error={batch.error} />}
      </form>
      {batch.data && <Scale batch={batch.data} attempts={batch.variables.attempts} onStart={onStart} />}
    </div>
  );
}

function Scale({ batch, attempts, onStart }: { batch: Batch; attempts: string[]; onStart: (running: Running) => void }) {
  const [done, setDone] = useState<string[]>([]);
  if (batch.lines.length === 0)
    return <p className="text-lg">Say what is to be filled or coated, or choose a mould: then it is weighed out.</p>;
  return (
    <section aria-label="On the scale" aria-live="polite">
      <p className="text-lg">
        <span className="figure text-2xl">{batch.mass}</span> for {batch.fills}
        {batch.batches > 1 && `, in ${batch.batches} batches`}.
      </p>
      {batch.warnings.map((one) => (
        <p key={one.words} className="mt-2 flex gap-2 font-semibold" role="alert">
          <StandingMark standing={one.standing} />
          <span>{one.words}</span>
        </p>
      ))}
      <ol className="mt-3">
        {batch.lines.map((line, index) => (
          <li key={line.name} className="hairline py-2" data-part={line.name}>
            <button
              type="button"
              className="peg min-h-16 w-full"
              data-many="true"
              aria-pressed={done.includes(line.name)}
              onClick={() => setDone(done.includes(line.name) ? done.filter((one) => one !== line.name) : [...done, line.name])}
            >
              <span className="flex w-full flex-wrap items-baseline gap-x-4">
                <span>{index + 1}</span> <span className="font-semibold">{line.name}</span>{' '}
                <span className="figure text-3xl">{batch.batches > 1 ? line.each : line.figure.shown}</span>{' '}
                {batch.batches > 1 && <span className="text-soft">in each; {line.figure.shown} in all</span>}
              </span>
            </button>
            {line.how && <p className="mt-1 pl-8 text-soft">{line.how}</p>}
            <div className="pl-8">
              <OpenWorking working={line.figure.working} />
            </div>
          </li>
        ))}
      </ol>
      {batch.timers.length > 0 && (
        <>
          <p className="mt-2">
            From when the parts meet: {batch.timers.map((timer) => `${timer.label.toLowerCase()} ${timer.shown}`).join('; ')}.
          </p>
          <button
            type="button"
            className="press press-molten mt-3 min-h-16 px-6 text-lg"
            onClick={() =>
              onStart({
                recipe: batch.recipe,
                from: Date.now() / 1000,
                timers: batch.timers.map(({ code, label, seconds }) => ({ code, label, seconds })),
              })
            }
          >
            The parts meet now
          </button>
        </>
      )}
      <OffTheShelf key={`${batch.recipe} ${batch.mass ?? ''}`} batch={batch} attempts={attempts} />
      {batch.cautions.map((words) => (
        <p key={words} className="caution mt-3" role="note">
          <span>{words}</span>
        </p>
      ))}
    </section>
  );
}

/** What of a batch stands among the consumables goes off their shelf with a press, shared by the moulds it is for. */
function OffTheShelf({ batch, attempts }: { batch: Batch; attempts: string[] }) {
  const change = useChange();
  const { busy, outcome, run } = useSaving();
  const [done, setDone] = useState(false);
  const parts = batch.lines.flatMap((line) => (line.consumable === null ? [] : [{ ...line, of: line.consumable }]));
  if (parts.length === 0) return null;
  const moulds: (string | null)[] = attempts.length === 0 ? [null] : attempts;
  const take = () =>
    run(() =>
      change({
        label: `${batch.recipe}: off the shelf`,
        path: '/workshop/mixes',
        changes: parts.flatMap((part) =>
          moulds.map((attempt) => ({
            part: 'movement' as const,
            id: freshId(),
            create: { of: part.of, kind: 'consumable_used' },
            set: {
              mass: { was: null, to: { value: Number((part.figure.value.value / moulds.length).toPrecision(4)), unit: 'kg' } },
              ...(attempt === null ? {} : { attempt: { was: null, to: attempt } }),
            },
          })),
        ),
      }),
    );
  return (
    <div className="mt-3">
      <button
        type="button"
        className="press min-h-14"
        disabled={busy || done}
        onClick={() =>
          void take().then((told) => {
            if (isKept(told)) setDone(true);
          })
        }
      >
        {done ? 'Off the shelf' : `Take ${parts.map((part) => part.name.toLowerCase()).join(' and ')} off the shelf`}
      </button>
      <Pressed outcome={outcome} />
    </div>
  );
}

/** Runs from when the parts met; the next of its moments is large, at the cautious end of its spread. */
function Clock({ running, onStop }: { running: Running; onStop: () => void }) {
  const [now, setNow] = useState(() => Date.now() / 1000);
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now() / 1000), 500);
    return () => clearInterval(timer);
  }, []);
  const gone = now - running.from;
  const next = running.timers.find((one) => one.seconds > gone);
  return (
    <section className="mt-4 border-2 border-ink p-3" aria-label="Clock">
      <p className="lettering">{running.recipe}</p>
      <p>
        <span className="block">{next ? next.label : 'All its times are over'}</span>
        {next && <span className="figure text-5xl leading-none">{toGo(next.seconds - gone)}</span>}
      </p>
      <ul className="mt-2 flex flex-wrap gap-x-6">
        {running.timers.map((one) => (
          <li key={one.code} className={one === next ? 'font-semibold' : 'text-soft'}>
            {one.label} {toGo(one.seconds - gone)}
          </li>
        ))}
      </ul>
      <button type="button" className="press mt-3 min-h-14" onClick={onStop}>
        Put the clock away
      </button>
    </section>
  );
}
