import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { v7 as freshId } from 'uuid';
import type { CostLine, PourCost } from '../../shared/api';
import { useChange, useDraft, useDraftPart, type Plain, type Stands } from '../../shared/record';
import { DraftState } from '../../shared/ui/DraftState';
import { OfAttempt } from '../../shared/ui/OfAttempt';
import { OpenWorking } from '../../shared/ui/OpenWorking';
import { PickOne } from '../../shared/ui/Pegs';
import { Pressed } from '../../shared/ui/Pressed';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { Failed, Loading } from '../../shared/ui/states';
import { isKept, useSaving } from '../../shared/ui/useSaving';
import { AmountBar } from './AmountBar';
import { GoodCost } from './GoodCost';
import { pourCostQuery, type Counts } from './queries';

/** What one pour cost, part by part, and what a good casting does by it. */
export function CostPage() {
  const { id = '' } = useParams();
  const [counts, setCounts] = useState<Counts>('good');
  const query = useQuery(pourCostQuery(id, counts));
  if (query.isPending) return <Loading />;
  if (query.isError) return <Failed error={query.error} retry={() => void query.refetch()} />;
  const cost = query.data;
  const most = Math.max(...cost.lines.map((line) => line.amount?.high ?? 0), 0);
  return (
    <article>
      <OfAttempt of={cost} />
      <h1>{cost.state === 'planned' ? 'What it will cost' : 'What it cost'}</h1>
      <p className="mt-2 text-xl font-semibold">{cost.sentence}</p>
      {cost.hours && (
        <p className="mt-1 text-soft">
          {cost.hours} hands on{cost.lines.some((line) => line.code === 'hours') ? '' : ', which are not counted as money'}.
        </p>
      )}
      <ul className="mt-3" aria-label="Part by part">
        {cost.lines.map((line) => (
          <Line key={line.code} line={line} most={most} />
        ))}
      </ul>
      <p className="mt-1 text-sm text-soft">Full bars were measured or paid, hatched ones are reckoned; the line is how sure that is.</p>
      <Read cost={cost} key={`${cost.heat_id ?? ''} ${cost.attempt_id}`} />
      <Used cost={cost} />
      <GoodCost good={cost.good} onCount={setCounts} here={cost.attempt_id} />
      <p className="mt-6 flex flex-wrap gap-3">
        <Link to="/workshop#prices" className="press">
          Prices, tax, fees, your hour
        </Link>
        <Link to={`/attempts/${cost.attempt_id}/charge`} className="press">
          Its metal
        </Link>
      </p>
    </article>
  );
}

function Line({ line, most }: { line: CostLine; most: number }) {
  return (
    <li className="hairline py-2 first:border-t-0" data-cost={line.code} data-how={line.how}>
      <div className="grid items-center gap-x-6 sm:grid-cols-[16rem_1fr]">
        <p>
          <span className="font-semibold">{line.label}</span>{' '}
          <span className="figure text-lg">{line.shown ?? <span className="text-soft">not known</span>}</span>
        </p>
        {line.amount && <AmountBar amount={line.amount} most={most} how={line.how === 'measured' ? 'measured' : 'reckoned'} />}
      </div>
      <p className="text-sm text-soft">{line.words}</p>
      {line.working && <OpenWorking working={line.working} />}
    </li>
  );
}

/** Meter, bottle, oven and hours: typed here, they stand in the record. */
function Read({ cost }: { cost: PourCost }) {
  const record = `cost ${cost.attempt_id}`;
  const begun = useDraftPart(record, 'heat')?.id;
  const [own] = useState(() => freshId());
  const heat = cost.heat_id ?? begun ?? own;
  const seen: Record<string, Stands> = { ...(cost.heat_id ? { 'attempt/heat': { raw: cost.heat_id, shown: cost.heat_id } } : {}) };
  const nameOf = (ask: PourCost['asks'][number]) => (ask.of === 'heat' ? `heat/${ask.field}` : `attempt/made.${ask.field}`);
  for (const ask of cost.asks) if (ask.raw !== null) seen[nameOf(ask)] = { raw: ask.raw as Plain, shown: ask.shown };
  const draft = useDraft(
    record,
    {
      label: `${cost.casting_name}, no. ${cost.number}: what it cost`,
      path: `/attempts/${cost.attempt_id}/cost`,
      parts: {
        attempt: { part: 'attempt', id: cost.attempt_id },
        heat: { part: 'heat', id: heat, ...(cost.heat_id ? {} : { create: {} }) },
      },
    },
    seen,
  );
  const { busy, outcome, run } = useSaving();
  const set = (field: string, text: string) => {
    // A melt comes about with the first thing that is told of it.
    if (field.startsWith('heat/') && cost.heat_id === null && !draft.isTouched('attempt/heat')) draft.set('attempt/heat', heat);
    draft.set(field, text === '' ? null : text, text);
  };
  return (
    <section className="mt-8" aria-label="Meter, bottle, hours">
      <h2 className="double-ruled">Meter, bottle, hours</h2>
      <form
        noValidate
        className="mt-2"
        onSubmit={(event) => {
          event.preventDefault();
          void run(draft.save);
        }}
      >
        <div className="grid grid-cols-2 items-start gap-x-4 gap-y-3 lg:grid-cols-4">
          {cost.asks.map((ask) => (
            <SmallEntry
              key={ask.field}
              label={ask.label}
              width=""
              value={draft.at(nameOf(ask))?.shown ?? ''}
              example={EXAMPLES[ask.field] ?? ''}
              onChange={(text) => set(nameOf(ask), text)}
              error={draft.problem(nameOf(ask))}
            />
          ))}
        </div>
        <div className="mt-3 flex flex-wrap items-center gap-4">
          <button type="submit" className="press press-molten min-h-14 px-6" disabled={busy || draft.touched.length === 0}>
            {busy ? 'Saving' : 'Keep it'}
          </button>
          <DraftState draft={draft} outcome={outcome} what="It" onDrop={() => void draft.drop()} />
        </div>
      </form>
    </section>
  );
}

const EXAMPLES: Record<string, string> = {
  'melt.meter_before': '10234.5 kWh',
  'melt.meter_after': '10237.1 kWh',
  'melt.fuel_before': '14.2 kg',
  'melt.fuel_after': '13.1 kg',
  'melt.energy': '2.6 kWh',
  'mould.energy': '4 kWh',
  'work.hands': '3.5 h',
};

/** Plaster, flux, paper, gas: what went off the shelf for this mould, or for the whole melt. */
function Used({ cost }: { cost: PourCost }) {
  const change = useChange();
  const { outcome, run, busy } = useSaving();
  const [thing, setThing] = useState(cost.consumables[0]?.id ?? '');
  const [text, setText] = useState('');
  const [whole, setWhole] = useState(false);
  const label = `${cost.casting_name}, no. ${cost.number}: what was used`;
  const path = `/attempts/${cost.attempt_id}/cost`;
  if (cost.consumables.length === 0)
    return (
      <section className="mt-8" aria-label="Used up">
        <h2 className="double-ruled">Used up</h2>
        <p className="mt-2 text-soft">
          Put plaster, flux and paper on the <Link to="/workshop#consumables">shelf of consumables</Link>, with what they cost: then what a
          pour uses of them counts here.
        </p>
      </section>
    );
  const pieces = /^\s*\d+\s*$/.test(text);
  const of = whole && cost.heat_id ? { heat: { was: null, to: cost.heat_id } } : { attempt: { was: null, to: cost.attempt_id } };
  return (
    <section className="mt-8" aria-label="Used up">
      <h2 className="double-ruled">Used up</h2>
      {cost.used.length > 0 && (
        <ul className="mt-1">
          {cost.used.map((one) => (
            <li key={one.id} className="hairline flex flex-wrap items-center justify-between gap-3 py-1 first:border-t-0">
              <span>
                <span className="figure">{one.shown}</span> {one.name}
                {one.whole && cost.shares_its_heat && <span className="text-soft"> for the whole melt</span>}
              </span>
              <button
                type="button"
                className="press press-quiet text-sm"
                onClick={() =>
                  void run(() =>
                    change({ label, path, changes: [{ part: 'movement', id: one.id, set: { binned: { was: false, to: true } } }] }),
                  )
                }
              >
                Take out <span className="sr-only">{one.name}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      <form
        noValidate
        className="mt-2 flex flex-wrap items-end gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void run(() =>
            change({
              label,
              path,
              changes: [
                {
                  part: 'movement',
                  id: freshId(),
                  create: { of: thing, kind: 'consumable_used' },
                  set: { [pieces ? 'pieces' : 'mass']: { was: null, to: text }, ...of },
                },
              ],
            }),
          ).then((done) => {
            if (isKept(done)) setText('');
          });
        }}
      >
        <label className="block">
          <span className="block text-sm text-soft">What was used</span>
          <select className="entry min-h-12 max-w-72" value={thing} onChange={(event) => setThing(event.target.value)}>
            {cost.consumables.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
        <SmallEntry label="How much, or how many" width="w-44" value={text} example="1.2 kg or 2" onChange={setText} error={undefined} />
        {cost.shares_its_heat && (
          <PickOne
            label="For what"
            choices={[
              { code: 'mould', label: 'This mould', hint: '' },
              { code: 'melt', label: 'The whole melt', hint: '' },
            ]}
            value={whole ? 'melt' : 'mould'}
            onChange={(next) => setWhole(next === 'melt')}
          />
        )}
        <button type="submit" className="press min-h-12" disabled={busy || text.trim() === ''}>
          It was used
        </button>
      </form>
      <Pressed outcome={outcome} />
    </section>
  );
}
