import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useHandbook, type Finish, type FinishStep, type Repair, type Treatment } from '../../shared/api';
import { clockWords } from '../../shared/day';
import { useChange, useDraft, type Plain, type Stands } from '../../shared/record';
import { DraftState } from '../../shared/ui/DraftState';
import { OfAttempt } from '../../shared/ui/OfAttempt';
import { OpenWorking } from '../../shared/ui/OpenWorking';
import { PickOne } from '../../shared/ui/Pegs';
import { Pressed } from '../../shared/ui/Pressed';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { Failed, Loading } from '../../shared/ui/states';
import { useSaving } from '../../shared/ui/useSaving';
import { finishQuery } from './queries';
import { TreatmentFigure } from './TreatmentFigure';

/** From the mould to the hand that uses it: the route card of a casting, each step signed where it is done. */
export function FinishPage() {
  const { id = '' } = useParams();
  const query = useQuery(finishQuery(id));
  if (query.isPending) return <Loading />;
  if (query.isError) return <Failed error={query.error} retry={() => void query.refetch()} />;
  const finish = query.data;
  return (
    <article>
      <OfAttempt of={finish} />
      <h1>Finishing</h1>
      <p className="text-soft">{[finish.metal, finish.look].join(' · ')}</p>
      <p className="mt-2 text-xl font-semibold" data-sentence>
        {finish.sentence}
      </p>
      {finish.missing.length > 0 && (
        <p className="mt-1 text-soft">It would be surer with {finish.missing.join('; ')}. Until then it is reckoned as is usual.</p>
      )}
      <Asked finish={finish} />
      <RouteCard finish={finish} />
      {finish.chips && (
        <p className="mt-3 border-l-4 border-ink pl-3">
          Collect about <span className="figure">{finish.chips}</span> of chips, this alloy apart from others, dry, without oil:{' '}
          <Link to={`/attempts/${finish.attempt_id}/charge`}>weigh them back onto the shelf</Link>.
        </p>
      )}
      <Treatments finish={finish} />
      <Faults finish={finish} />
    </article>
  );
}

/** How it is to look, whether it is treated, machined, fitted: the route goes by it. */
function Asked({ finish }: { finish: Finish }) {
  const choices = useHandbook().choices;
  const seen: Record<string, Stands> = {};
  for (const ask of finish.asks)
    if (ask.raw !== null)
      seen[`attempt/${ask.field}`] = { raw: ask.raw as Plain, shown: typeof ask.raw === 'string' ? ask.raw : ask.shown };
  const draft = useDraft(
    `finish ${finish.attempt_id}`,
    {
      label: `${finish.casting_name}, no. ${finish.number}: how it is finished`,
      path: `/attempts/${finish.attempt_id}/finish`,
      parts: { attempt: { part: 'attempt', id: finish.attempt_id } },
    },
    seen,
  );
  const { busy, outcome, run } = useSaving();
  const bears = new Set(['none', ...finish.treatments.map((one) => one.code)]);
  return (
    <details className="mt-3" open={finish.steps.every((step) => step.done === null) || undefined}>
      <summary className="cursor-pointer py-2 underline underline-offset-4">What it is to become</summary>
      <form
        noValidate
        className="mt-1"
        onSubmit={(event) => {
          event.preventDefault();
          void run(draft.save);
        }}
      >
        <div className="grid gap-x-8 gap-y-4 md:grid-cols-2">
          {finish.asks.map((ask) => {
            const field = `attempt/${ask.field}`;
            const all = (choices[ask.choices ?? ''] ?? []).filter(({ code }) => ask.choices !== 'treatment' || bears.has(code));
            return ask.choices ? (
              <fieldset key={field}>
                <legend className="lettering mb-1">{ask.label}</legend>
                <PickOne
                  label={ask.label}
                  choices={all}
                  value={String(draft.at(field)?.raw ?? ask.shown) || null}
                  onChange={(next) => draft.set(field, next, next ?? '')}
                />
              </fieldset>
            ) : (
              <SmallEntry
                key={field}
                label={ask.label}
                width="w-44"
                value={draft.at(field)?.shown ?? ''}
                example={ask.example}
                onChange={(text) => draft.set(field, text === '' ? null : text, text)}
                error={draft.problem(field)}
              />
            );
          })}
        </div>
        <div className="mt-3 flex flex-wrap items-center gap-4">
          <button type="submit" className="press min-h-14 px-6" disabled={busy || draft.touched.length === 0}>
            {busy ? 'Saving' : 'Make the route'}
          </button>
          <DraftState draft={draft} outcome={outcome} what="It" onDrop={() => void draft.drop()} />
        </div>
      </form>
    </details>
  );
}

function RouteCard({ finish }: { finish: Finish }) {
  const next = finish.steps.find((step) => step.done === null)?.code;
  return (
    <section className="mt-6" aria-label="Route">
      <h2 className="double-ruled">Route</h2>
      <ol className="mt-2">
        {finish.steps.map((step, index) => (
          <Step
            key={step.code}
            step={step}
            number={index + 1}
            finish={finish}
            isNext={step.code === next}
            isLast={index === finish.steps.length - 1}
          />
        ))}
      </ol>
    </section>
  );
}

function Step({
  step,
  number,
  finish,
  isNext,
  isLast,
}: {
  step: FinishStep;
  number: number;
  finish: Finish;
  isNext: boolean;
  isLast: boolean;
}) {
  const change = useChange();
  const { busy, outcome, run } = useSaving();
  const [minutes, setMinutes] = useState('');
  const [note, setNote] = useState('');
  const isEnd = step.code === 'sign_off';
  const told = step.done === null ? null : { at: step.done.at.toFixed(1), minutes: step.done.minutes, note: step.done.note };
  const tell = (to: Plain) =>
    run(() =>
      change({
        label: `${finish.casting_name}, no. ${finish.number}: ${step.label.toLowerCase()}`,
        path: `/attempts/${finish.attempt_id}/finish`,
        changes: [{ part: 'attempt', id: finish.attempt_id, set: { [`finish.${step.code}`]: { was: told, to } } }],
      }),
    );
  return (
    <li className="relative flex gap-4 pb-5" data-step={step.code} data-done={step.done !== null}>
      {!isLast && <span aria-hidden="true" className="absolute top-11 bottom-0 left-[1.3rem] w-px bg-ink" />}
      <span
        aria-hidden="true"
        className={`figure z-10 grid size-11 flex-none place-items-center border-2 border-ink text-lg ${
          step.done ? 'bg-ink text-[color:var(--sheet)]' : isNext ? 'bg-wash' : 'border-dashed bg-sheet'
        }`}
      >
        {number}
      </span>
      <div className="min-w-0 flex-1">
        <p className="flex flex-wrap items-baseline gap-x-4">
          <span className="text-lg font-semibold">{step.label}</span>
          {step.done ? (
            <span className="lettering text-ink">
              done {clockWords(step.done.at)}
              {step.done.minutes !== null && `, ${step.done.minutes} min`}
            </span>
          ) : (
            <span className="figure">{step.hands}</span>
          )}
          {!step.done && step.waits && <span className="text-soft">then {step.waits} by itself</span>}
        </p>
        {step.done?.note && <p className="italic">“{step.done.note}”</p>}
        {(!step.done || isNext) && (
          <>
            {step.words && <p>{step.words}</p>}
            {step.grits.length > 0 && (
              <ol className="mt-1 flex flex-wrap items-center gap-1" aria-label="Grits in their order">
                {step.grits.map((grit) => (
                  <li key={grit} className="figure border border-ink px-2 py-0.5">
                    {grit}
                  </li>
                ))}
              </ol>
            )}
            {step.repairs.length > 0 && (
              <p>
                <span className="lettering">Mended here</span> {step.repairs.join('; ')}
              </p>
            )}
            <p className="text-sm text-soft">{[step.hold && `Held: ${step.hold}`, step.why].filter(Boolean).join(' ')}</p>
            {step.chips && (
              <p className="text-sm">
                <span className="figure">{step.chips}</span> of chips to collect.
              </p>
            )}
            {(isNext ? step.cautions : []).map((words) => (
              <p key={words} className="caution mt-1" role="note">
                <span>{words}</span>
              </p>
            ))}
            {step.working && <OpenWorking working={step.working} />}
          </>
        )}
        {isNext && !step.done && (
          <form
            className="mt-2 flex flex-wrap items-end gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              void tell({
                at: Math.floor(Date.now() / 1000),
                minutes: minutes.trim() === '' ? null : /^\s*\d+\s*$/.test(minutes) ? `${minutes} min` : minutes,
                note: note.trim() === '' ? null : note,
              });
            }}
          >
            <SmallEntry label="It took" width="w-28" value={minutes} example="25 min" onChange={setMinutes} error={undefined} />
            <SmallEntry
              label={isEnd ? 'Signed by, and what for' : 'What is to be said of it'}
              width="w-64"
              value={note}
              onChange={setNote}
              error={undefined}
            />
            <button type="submit" className="press press-molten min-h-14 px-6" disabled={busy || (isEnd && note.trim() === '')}>
              {isEnd ? 'Sign it off' : 'Done'}
            </button>
          </form>
        )}
        {step.done && (
          <button type="button" className="press press-quiet text-sm" disabled={busy} onClick={() => void tell(null)}>
            Not done after all <span className="sr-only">{step.label}</span>
          </button>
        )}
        <Pressed outcome={outcome} />
      </div>
    </li>
  );
}

function Treatments({ finish }: { finish: Finish }) {
  const [open, setOpen] = useState<Treatment | null>(null);
  if (finish.treatments.length === 0) return null;
  const shown = open ?? finish.treatments.find((one) => one.chosen) ?? finish.treatments[0];
  return (
    <section className="mt-8" aria-label="Heat treatment">
      <h2 className="double-ruled">Heat treatment of {finish.metal}</h2>
      {finish.treatments.length > 1 && (
        <div className="mt-2">
          <PickOne
            label="Heat treatment"
            choices={finish.treatments.map((one) => ({ code: one.code, label: one.name, hint: one.gives }))}
            value={shown?.code ?? null}
            onChange={(next) => setOpen(finish.treatments.find((one) => one.code === next) ?? null)}
          />
        </div>
      )}
      {shown && (
        <div className="mt-3" data-treatment={shown.code}>
          <p>
            <strong>{shown.name}</strong> <span className="text-soft">{shown.gives}</span>
            {shown.chosen ? '' : ', not on the route'}
          </p>
          <TreatmentFigure treatment={shown} />
          <table className="mt-1 w-full max-w-xl text-left text-sm">
            <thead>
              <tr className="lettering">
                <th className="py-1 pr-3 font-medium">Hold</th>
                <th className="py-1 pr-3 font-medium">Set to, never above</th>
                <th className="py-1 pr-3 font-medium">For</th>
                <th className="py-1 font-medium">Then</th>
              </tr>
            </thead>
            <tbody>
              {shown.stages.map((stage) => (
                <tr key={stage.label} className="hairline align-baseline">
                  <th scope="row" className="py-1 pr-3 font-semibold">
                    {stage.label}
                  </th>
                  <td className="figure py-1 pr-3">
                    {stage.set}, {stage.limit}
                  </td>
                  <td className="figure py-1 pr-3">{stage.hold}</td>
                  <td className="py-1">{stage.then}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {shown.cautions.map((words) => (
            <p key={words} className="caution mt-2" role="note">
              <span>{words}</span>
            </p>
          ))}
          <p className="mt-1 text-sm text-soft">Source: {shown.source}. The maker of your alloy may say otherwise, and comes first.</p>
        </div>
      )}
    </section>
  );
}

/** What was found, and what may be done about it instead of pouring again. */
function Faults({ finish }: { finish: Finish }) {
  if (finish.faults.length === 0) return null;
  return (
    <section className="mt-8" aria-label="What may be mended">
      <h2 className="double-ruled">What may be mended</h2>
      <ul className="mt-1">
        {finish.faults.map((fault) => (
          <li key={fault.defect} className="hairline py-3 first:border-t-0" data-fault={fault.defect}>
            <h3 className="font-semibold">{fault.label}</h3>
            {fault.repairs.length === 0 ? (
              <p>Nothing that holds for what it is for: live with it, or pour it again and keep the metal.</p>
            ) : (
              <ul>
                {fault.repairs.map((repair) => (
                  <Mend key={repair.code} repair={repair} finish={finish} />
                ))}
              </ul>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Mend({ repair, finish }: { repair: Repair; finish: Finish }) {
  const change = useChange();
  const { busy, outcome, run } = useSaving();
  return (
    <li className="flex flex-wrap items-start justify-between gap-3 py-2">
      <div className="min-w-0 flex-1 basis-72">
        <p>
          <strong>{repair.label}</strong>{' '}
          <span className="text-soft">
            at: {repair.at.toLowerCase()}
            {repair.bears && `; bears ${repair.bears} afterwards`}
          </span>
        </p>
        <p>{repair.words}</p>
        {repair.caution && <p className="text-sm font-semibold">{repair.caution}</p>}
      </div>
      <button
        type="button"
        className="press min-h-12"
        aria-pressed={repair.chosen}
        disabled={busy}
        onClick={() =>
          void run(() =>
            change({
              label: `${finish.casting_name}, no. ${finish.number}: what is mended`,
              path: `/attempts/${finish.attempt_id}/finish`,
              changes: [
                { part: 'attempt', id: finish.attempt_id, set: { [`mend.${repair.code}`]: { was: repair.chosen, to: !repair.chosen } } },
              ],
            }),
          )
        }
      >
        {repair.chosen ? 'On the route: take it off' : 'Put it on the route'} <span className="sr-only">{repair.label}</span>
      </button>
      <Pressed outcome={outcome} />
    </li>
  );
}
