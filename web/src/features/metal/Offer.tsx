import { useState } from 'react';
import { fieldMessages, type ChargeOffer } from '../../shared/api';
import { StandingMark } from '../../shared/ui/StandingMark';
import { TextEntry } from '../../shared/ui/TextEntry';
import { Failed } from '../../shared/ui/states';
import { PotFigure, PotWords } from './PotFigure';
import { useOffer } from './queries';

/** The cheapest charge of an alloy from the shelf: what to put on the scale, what it comes out as, what it costs. */
export function Offer({
  alloy,
  wanted,
  room = null,
  children,
}: {
  alloy: string | null;
  wanted: string;
  room?: number | null;
  /** What is done with it. */
  children?: (offer: ChargeOffer) => React.ReactNode;
}) {
  const [mass, setMass] = useState(wanted);
  const [whole, setWhole] = useState(false);
  const offer = useOffer();
  const messages = fieldMessages(offer.error);
  return (
    <div>
      <form
        noValidate
        className="flex flex-wrap items-end gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          offer.mutate({ mass, alloy: alloy ?? '', whole, ...(room === null || !whole ? {} : { room: `${room} kg` }) });
        }}
      >
        <TextEntry
          label="Metal wanted in the pot"
          value={mass}
          placeholder="2.4 kg"
          onChange={(event) => setMass(event.target.value)}
          error={messages['/mass']}
        />
        <label className="flex min-h-12 items-center gap-2">
          <input type="checkbox" className="size-6" checked={whole} onChange={(event) => setWhole(event.target.checked)} />
          whole pieces only
        </label>
        <button type="submit" className="press press-molten min-h-14" disabled={offer.isPending}>
          Work out the charge
        </button>
      </form>
      {(messages['/alloy'] ?? messages['/room']) && (
        <p role="alert" className="font-semibold text-molten">
          {messages['/alloy'] ?? messages['/room']}
        </p>
      )}
      {offer.isError && Object.keys(messages).length === 0 && <Failed error={offer.error} />}
      {offer.data && (
        <div className="mt-3" aria-live="polite" data-offer={offer.data.standing}>
          <p className="flex gap-2 text-lg">
            <StandingMark standing={offer.data.standing} />
            <span>{offer.data.words}</span>
          </p>
          {offer.data.left.length > 0 && (
            <p className="text-sm text-soft">Left out, for too little is known of it: {offer.data.left.join(', ')}.</p>
          )}
          {offer.data.charge.length > 0 && (
            <>
              <ol className="mt-2" aria-label="On the scale">
                {offer.data.charge.map((part) => (
                  <li key={part.lot_id} className="hairline flex flex-wrap items-baseline gap-x-4 py-2" data-part={part.name}>
                    <span className="min-w-44 font-semibold">{part.name}</span>
                    <span className="figure text-2xl">{part.shown}</span>
                    {part.pieces !== null && <span className="text-soft">{part.pieces === 1 ? 'one piece' : `${part.pieces} pieces`}</span>}
                  </li>
                ))}
              </ol>
              <p className="rule py-1">
                <span className="lettering">Costs</span>{' '}
                <span className="figure">
                  {offer.data.cost} {offer.data.currency}
                </span>
              </p>
              {children?.(offer.data)}
            </>
          )}
          {offer.data.pot && (
            <div className="mt-3">
              <PotWords pot={offer.data.pot} />
              <details className="mt-1">
                <summary className="cursor-pointer py-2 underline underline-offset-4">Element by element</summary>
                <PotFigure pot={offer.data.pot} label="What it would come out as" />
              </details>
            </div>
          )}
        </div>
      )}
    </div>
  );
}
