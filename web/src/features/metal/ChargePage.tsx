import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Charge, LotLine } from '../../shared/api';
import { OpenWorking } from '../../shared/ui/OpenWorking';
import { PickOne } from '../../shared/ui/Pegs';
import { Pressed } from '../../shared/ui/Pressed';
import { StandingMark } from '../../shared/ui/StandingMark';
import { TextEntry } from '../../shared/ui/TextEntry';
import { Failed, Loading } from '../../shared/ui/states';
import { isKept } from '../../shared/ui/useSaving';
import { CheckPot } from './CheckPot';
import { ComesBack } from './ComesBack';
import { Moved } from './Moved';
import { Offer } from './Offer';
import { Once } from './Once';
import { PotFigure, PotWords } from './PotFigure';
import { refusedFor } from './model';
import { chargeQuery } from './queries';
import { useMoves, type Moves } from './useMoves';

/** The metal of one pour: what is wanted, what to take off the shelf, what that is, what was found in the pot, what came back. */
export function ChargePage() {
  const { id = '' } = useParams();
  const query = useQuery(chargeQuery(id));
  if (query.isPending) return <Loading />;
  if (query.isError) return <Failed error={query.error} retry={() => void query.refetch()} />;
  return <OfCharge key={id} charge={query.data} />;
}

function OfCharge({ charge }: { charge: Charge }) {
  const moves = useMoves(charge);
  return (
    <article>
      <p className="lettering">
        <Link to={`/attempts/${charge.attempt_id}`}>
          {charge.casting_name}, no. {charge.number}
        </Link>
      </p>
      <h1>Charge</h1>
      <p className="mt-1 flex gap-2 text-xl font-semibold" data-standing={charge.standing}>
        <StandingMark standing={charge.standing} />
        <span>{charge.sentence}</span>
      </p>
      {charge.cautions.map((words) => (
        <p key={words} className="caution mt-2" role="note">
          <span>{words}</span>
        </p>
      ))}
      <Pressed outcome={moves.outcome} />
      <div className="mt-5 grid gap-x-12 gap-y-8 lg:grid-cols-2">
        <section aria-label="From the shelf">
          <h2 className="double-ruled">From the shelf</h2>
          {charge.need && (
            <div className="mt-2">
              <span className="lettering">Wanted</span> <span className="figure text-xl">{charge.need.shown}</span>
              {charge.holds && <span className="text-soft"> · the crucible holds {charge.holds}</span>}
              <OpenWorking working={charge.need.working} />
            </div>
          )}
          {charge.alloy === null ? (
            <p className="mt-2">
              <Link to={`/attempts/${charge.attempt_id}/plan`} className="press">
                Choose the metal in the plan
              </Link>
            </p>
          ) : (
            <div className="mt-2">
              <Offer
                alloy={charge.alloy}
                wanted={charge.need ? `${Number(charge.need.value.value.toPrecision(3))} kg` : ''}
                room={charge.room_kg}
              >
                {(offer) => (
                  <Once
                    of={offer}
                    words="I charged this"
                    busy={moves.busy}
                    write={() =>
                      moves.charge(
                        offer.charge.map((part) => ({ lot: part.lot_id, mass: `${Number(part.kg.toPrecision(6))} kg` })),
                        'cold',
                      )
                    }
                  />
                )}
              </Offer>
            </div>
          )}
          <ByHand charge={charge} moves={moves} />
          <Crucible charge={charge} moves={moves} />
        </section>
        <section aria-label="In the pot">
          <h2 className="double-ruled">In the pot</h2>
          {charge.lines.length === 0 ? (
            <p className="mt-2 text-soft">Nothing was written down yet. Weigh what goes in: then what comes out is known.</p>
          ) : (
            <>
              <Moved lines={charge.lines} moves={moves} />
              <p className="rule flex flex-wrap gap-x-6 py-1">
                <span>
                  <span className="lettering">Reaches the pot</span> <span className="figure">{charge.pot?.mass}</span>
                </span>
                {charge.cost && (
                  <span>
                    <span className="lettering">Metal, net of what came back</span> <span className="figure">{charge.cost}</span>
                  </span>
                )}
                <span className="text-soft">{charge.pot?.remelts}</span>
              </p>
            </>
          )}
          {charge.pot && (
            <div className="mt-3">
              <PotWords pot={charge.pot} said={charge.sentence} />
              <PotFigure pot={charge.pot} label="What is in the pot, by what went in" />
            </div>
          )}
          <CheckPot charge={charge} moves={moves} />
        </section>
      </div>
      <ComesBack charge={charge} moves={moves} />
    </article>
  );
}

/** Lots that may go into such a pot: of its own metal first, then what it is alloyed with; what is used up is left out. */
function lotsFor(charge: Charge): { likely: LotLine[]; others: LotLine[] } {
  const family = charge.lots.find((lot) => lot.alloy === charge.alloy)?.family ?? null;
  const rank = (lot: LotLine) => (lot.alloy === charge.alloy ? 0 : lot.family === family && family !== null ? 1 : 2);
  const lots = charge.lots.filter((lot) => lot.kg > 0).toSorted((a, b) => rank(a) - rank(b));
  const likely = lots.filter((lot) => rank(lot) < 2);
  return likely.length === 0 ? { likely: lots, others: [] } : { likely, others: lots.filter((lot) => rank(lot) === 2) };
}

function ByHand({ charge, moves }: { charge: Charge; moves: Moves }) {
  const [lot, setLot] = useState<string | null>(null);
  const [mass, setMass] = useState('');
  const [stirred, setStirred] = useState(false);
  const [fault, setFault] = useState<string | undefined>();
  const [all, setAll] = useState(false);
  const { likely, others } = lotsFor(charge);
  const lots = all ? [...likely, ...others] : likely;
  if (likely.length === 0)
    return (
      <p className="mt-3 text-soft">
        The shelf is empty. <Link to="/workshop#metal">Write down what metal you have</Link>.
      </p>
    );
  return (
    <details className="mt-4" open={charge.lines.length === 0 && charge.alloy === null}>
      <summary className="cursor-pointer py-2 underline underline-offset-4">Weighed by hand</summary>
      <form
        aria-label="Weighed by hand"
        onSubmit={(event) => {
          event.preventDefault();
          if (lot === null || mass.trim() === '') return;
          void moves.charge([{ lot, mass: mass.trim() }], stirred ? 'stirred' : 'cold').then((done) => {
            setFault(refusedFor(done, 'mass'));
            if (isKept(done)) setMass('');
          });
        }}
      >
        <PickOne
          label="Out of which lot"
          choices={lots.map((one) => ({ code: one.id, label: `${one.name}, ${one.shown}`, hint: one.made }))}
          value={lot}
          onChange={setLot}
        />
        {others.length > 0 && !all && (
          <button type="button" className="press press-quiet mt-1" onClick={() => setAll(true)}>
            Other metals
          </button>
        )}
        <div className="mt-2 flex flex-wrap items-end gap-4">
          <TextEntry
            label="Went into the pot"
            placeholder="1.2 kg"
            value={mass}
            onChange={(event) => setMass(event.target.value)}
            error={fault}
          />
          <label className="flex min-h-12 items-center gap-2">
            <input type="checkbox" className="size-6" checked={stirred} onChange={(event) => setStirred(event.target.checked)} />
            stirred into liquid metal
          </label>
          <button type="submit" className="press min-h-14" disabled={lot === null || mass.trim() === '' || moves.busy}>
            It went in
          </button>
        </div>
      </form>
    </details>
  );
}

function Crucible({ charge, moves }: { charge: Charge; moves: Moves }) {
  if (charge.crucibles.length === 0) return null;
  const name = (charge.crucible ?? '').trim().toLowerCase();
  const chosen = charge.crucibles.find((one) => one.name.trim().toLowerCase() === name) ?? null;
  return (
    <fieldset className="mt-5">
      <legend className="lettering mb-1">Melted in</legend>
      <PickOne
        label="Melted in"
        choices={charge.crucibles
          .filter((one) => !one.is_out || one === chosen)
          .map((one) => ({ code: one.id, label: one.size ? `${one.name}, ${one.size}` : one.name, hint: one.family ?? '' }))}
        value={chosen?.id ?? null}
        onChange={(next) => void moves.meltIn(charge.crucibles.find((one) => one.id === next)?.name ?? null)}
      />
      {chosen?.words.map((words) => (
        <p key={words} className="mt-1 flex gap-2">
          <StandingMark standing={chosen.standing} />
          <span>{words}</span>
        </p>
      ))}
    </fieldset>
  );
}
