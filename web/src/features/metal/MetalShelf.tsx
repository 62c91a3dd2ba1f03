import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { Dialog } from '../../shared/ui/Dialog';
import { StandingMark } from '../../shared/ui/StandingMark';
import { ThingForm } from '../things/index';
import { LotFigure } from './LotFigure';
import { boards } from './model';
import { shelfQuery } from './queries';

/** The metal of a workshop on its boards, each lot drawn to scale; before it, what planned pours ask of it. */
export function MetalShelf() {
  const shelf = useSuspenseQuery(shelfQuery).data;
  const [adding, setAdding] = useState(false);
  const most = Math.max(...shelf.lots.map((lot) => lot.kg), 0);
  const gone = shelf.lots.filter((lot) => lot.kg <= 0);
  return (
    <section id="metal" className="mt-10 border-t-[3px] border-double border-ink pt-3" aria-label="Metal">
      <h2>Metal</h2>
      <p className="mt-1 flex gap-2 text-lg font-semibold" data-standing={shelf.standing}>
        <StandingMark standing={shelf.standing} />
        <span>{shelf.sentence}</span>
      </p>
      {shelf.needs.length > 0 && (
        <ul className="mt-2" aria-label="What planned pours ask for">
          {shelf.needs.map((need) => (
            <li key={need.attempt_id} className="hairline flex flex-wrap items-baseline gap-x-4 gap-y-1 py-2" data-need={need.standing}>
              <StandingMark standing={need.standing} />
              <Link to={`/attempts/${need.attempt_id}/charge`} className="min-w-44 py-2 font-semibold">
                {need.name}, no. {need.number}
                {need.others > 0 && ` and ${need.others} more`}
              </Link>
              <span>
                <span className="figure">{need.wanted}</span> {need.metal}
              </span>
              <span className="flex-1 basis-60 text-soft">{need.sentence}</span>
            </li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap gap-x-10">
        {boards(shelf.lots, shelf.families).map((board) => (
          <div key={board.family} className="mt-5 max-w-full">
            <h3 className="lettering text-ink">
              {board.label} <span className="figure">{board.shown}</span>
            </h3>
            <ul className="mt-1 flex flex-wrap gap-x-6 gap-y-4">
              {board.lots.map((lot) => (
                <li key={lot.id} data-lot={lot.name} className="w-[9.4rem] self-start">
                  <Link to={`/workshop/metal/${lot.id}`} className="block no-underline hover:bg-wash">
                    <LotFigure lot={lot} most={most} />
                    <span className="mt-1 block leading-tight font-semibold underline underline-offset-4">{lot.name}</span>
                  </Link>
                  <p className="text-sm leading-snug">
                    <span className="figure">{lot.shown}</span>
                    {lot.pieces !== null && ` · ${lot.pieces === 1 ? 'one piece' : `${lot.pieces} pieces`}`}
                  </p>
                  <p className="text-sm leading-snug text-soft">{lot.metal}</p>
                  {lot.sentence && (
                    <p className="mt-0.5 flex gap-1.5 text-sm leading-snug">
                      <StandingMark standing={lot.standing} />
                      <span>{lot.sentence}</span>
                    </p>
                  )}
                </li>
              ))}
            </ul>
          </div>
        ))}
      </div>
      {gone.length > 0 && (
        <p className="mt-4 text-sm">
          <span className="lettering">Used up</span>{' '}
          {gone.map((lot, index) => (
            <span key={lot.id}>
              {index > 0 && ', '}
              <Link to={`/workshop/metal/${lot.id}`}>{lot.name}</Link>
            </span>
          ))}
        </p>
      )}
      <p className="mt-4 flex flex-wrap gap-3">
        <Link to="/workshop/charge" className="press press-molten min-h-14">
          Work out a charge
        </Link>
        <button type="button" className="press min-h-14" onClick={() => setAdding(true)}>
          Add metal
        </button>
      </p>
      <Dialog open={adding} onClose={() => setAdding(false)} title="A lot of metal">
        <ThingForm kind="stock" thing={null} path="/workshop" named="A new lot of metal" onDone={() => setAdding(false)} />
      </Dialog>
    </section>
  );
}
