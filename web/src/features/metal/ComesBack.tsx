import { useState } from 'react';
import { useHandbook, type Charge } from '../../shared/api';
import { PickOne } from '../../shared/ui/Pegs';
import { TextEntry } from '../../shared/ui/TextEntry';
import { isKept } from '../../shared/ui/useSaving';
import { refusedFor } from './model';
import { Moved } from './Moved';
import type { Moves } from './useMoves';

const NEW = 'new';

/** What a heat gives back: ingots of the remainder, sprues, a casting that failed. It keeps the metal of its pot. */
export function ComesBack({ charge, moves }: { charge: Charge; moves: Moves }) {
  const { choices } = useHandbook();
  const kinds = choices['returned_as'] ?? [];
  const returns = choices['charge_source']?.find((one) => one.code === 'returns')?.label;
  const [what, setWhat] = useState<string | null>('remainder');
  const [mass, setMass] = useState('');
  const [fault, setFault] = useState<string | undefined>();
  const family = charge.lots.find((lot) => lot.alloy === charge.alloy)?.family;
  const lots = charge.lots.filter((lot) => lot.alloy === charge.alloy || (lot.what === returns && lot.family === family));
  const [onto, setOnto] = useState<string | null>(null);
  const chosen = onto ?? lots.find((lot) => lot.what === returns)?.id ?? NEW;
  if (charge.alloy === null) return null;
  return (
    <section className="mt-10" aria-label="What came back">
      <h2 className="double-ruled">What came back</h2>
      {charge.balance && <p className="mt-2">{charge.balance}</p>}
      <Moved lines={charge.returned} moves={moves} />
      <form
        className="mt-3 grid gap-3"
        aria-label="Give back"
        onSubmit={(event) => {
          event.preventDefault();
          if (mass.trim() === '') return;
          const lot = chosen === NEW ? { name: `Returns, ${charge.metal ?? 'metal'}` } : { id: chosen };
          void moves.giveBack(lot, mass.trim(), what ?? 'remainder').then((done) => {
            setFault(refusedFor(done, 'mass'));
            if (isKept(done)) setMass('');
          });
        }}
      >
        <PickOne label="What it is" choices={kinds} value={what} onChange={setWhat} />
        <fieldset>
          <legend className="lettering mb-1">Onto which lot</legend>
          <PickOne
            label="Onto which lot"
            choices={[
              ...lots.map((lot) => ({ code: lot.id, label: lot.name, hint: lot.shown })),
              { code: NEW, label: 'A new lot of returns', hint: '' },
            ]}
            value={chosen}
            onChange={setOnto}
          />
        </fieldset>
        <div className="flex flex-wrap items-end gap-4">
          <TextEntry label="It weighs" placeholder="0.8 kg" value={mass} onChange={(event) => setMass(event.target.value)} error={fault} />
          <button type="submit" className="press press-molten min-h-14" disabled={mass.trim() === '' || moves.busy}>
            Back on the shelf
          </button>
        </div>
      </form>
    </section>
  );
}
