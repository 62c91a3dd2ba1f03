import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { useHandbook } from '../../shared/api';
import { MixCharge } from './MixCharge';
import { Offer } from './Offer';
import { shelfQuery } from './queries';

/** A charge that belongs to no pour yet: what the shelf makes of an alloy, or of windows that are typed. */
export function FreeChargePage() {
  const alloys = useHandbook().choices['alloy'] ?? [];
  const { lots } = useSuspenseQuery(shelfQuery).data;
  const [alloy, setAlloy] = useState<string>(lots.find((lot) => lot.kg > 0 && lot.alloy !== null)?.alloy ?? 'al_si7mg');
  return (
    <article>
      <p className="lettering">
        <Link to="/workshop#metal">Metal</Link>
      </p>
      <h1>Work out a charge</h1>
      <p className="text-soft">
        The cheapest mix of your lots that comes out as the alloy, with what a melt burns off reckoned in. For a pour that is planned, open
        its own charge from the metal of your workshop.
      </p>
      <label className="mt-4 block max-w-96">
        <span className="lettering block">It is to be</span>
        <select className="entry min-h-12" value={alloy} onChange={(event) => setAlloy(event.target.value)}>
          {alloys.map(({ code, label }) => (
            <option key={code} value={code}>
              {label}
            </option>
          ))}
        </select>
      </label>
      <div className="mt-3">
        <Offer key={alloy} alloy={alloy} wanted="3 kg" />
      </div>
      <MixCharge hasStock={lots.some((lot) => lot.kg > 0)} />
    </article>
  );
}
