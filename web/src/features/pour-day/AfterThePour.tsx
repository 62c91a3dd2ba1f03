import { useState } from 'react';
import { Link } from 'react-router';
import { v7 as freshId } from 'uuid';
import { useHandbook, type RunSheet } from '../../shared/api';
import type { Plain } from '../../shared/record';
import { FieldEntry } from '../../shared/ui/FieldEntry';
import { TextEntry } from '../../shared/ui/TextEntry';
import { isKept } from '../../shared/ui/useSaving';
import type { Day } from './model';
import type { Doing } from './useDay';

/** What is known now and guessed next week: only what is blank and would matter, the most telling first; and what was left in the pot. */
export function AfterThePour({ sheet, day, doing }: { sheet: RunSheet; day: Day; doing: Doing }) {
  if (day.at('full') === null && day.at('ran_short') === null) return null;
  return (
    <>
      <Forgotten sheet={sheet} doing={doing} />
      <Left sheet={sheet} doing={doing} />
      {day.at('opened') !== null && <SandBack sheet={sheet} doing={doing} />}
      {day.at('opened') !== null && (
        <p className="mt-4">
          <Link to={`/attempts/${sheet.attempt_id}#inspection`} className="press press-molten min-h-16 text-xl">
            Look at it, step by step
          </Link>
        </p>
      )}
    </>
  );
}

function Forgotten({ sheet, doing }: { sheet: RunSheet; doing: Doing }) {
  const handbook = useHandbook();
  const [later, setLater] = useState<string[]>([]);
  const [value, setValue] = useState<{ raw: Plain; shown: string } | null>(null);
  const open = sheet.blank.filter((row) => !later.includes(row.field));
  const now = open[0];
  const field = now && handbook.fields.find((one) => one.key === now.field);
  if (!now || !field) return null;
  const keep = () => {
    if (value === null) return;
    const ofHeat = field.keeper === 'heat';
    if (ofHeat && sheet.heat_id) void doing.send([{ part: 'heat', id: sheet.heat_id, set: { [field.key]: { was: null, to: value.raw } } }]);
    else void doing.send([{ part: 'attempt', id: sheet.attempt_id, set: { [`made.${field.key}`]: { was: null, to: value.raw } } }]);
    pass();
  };
  const pass = () => {
    setLater([...later, now.field]);
    setValue(null);
  };
  return (
    <section className="mt-6 border-2 border-ink p-3" aria-label="Before it is forgotten">
      <h2 className="lettering text-ink">Before it is forgotten</h2>
      <p className="mb-2 text-sm text-soft">It would tell most about “{now.moves.toLowerCase()}”, should that be asked.</p>
      <FieldEntry
        key={field.key}
        field={field}
        value={value}
        onChange={(raw, shown) => setValue(raw === null ? null : { raw, shown: shown ?? String(raw) })}
      />
      <p className="mt-3 flex flex-wrap gap-3">
        <button type="button" className="press press-molten min-h-16" disabled={value === null} onClick={keep}>
          Keep it
        </button>
        <button type="button" className="press press-quiet min-h-16" onClick={pass}>
          Not known
        </button>
        {open.length > 1 && <span className="self-center text-soft">{open.length - 1} more</span>}
      </p>
    </section>
  );
}

/** The sand goes back on its heap; what was burnt hard and thrown away is told, for it takes no live clay with it. */
function SandBack({ sheet, doing }: { sheet: RunSheet; doing: Doing }) {
  const [mass, setMass] = useState('');
  const [kept, setKept] = useState(false);
  const { sand } = sheet;
  if (sand === null) return null;
  if (kept)
    return (
      <p className="mt-4" role="status">
        It stands in the book of {sand.name} now.
      </p>
    );
  return (
    <form
      className="mt-6"
      aria-label="Sand back on its heap"
      onSubmit={(event) => {
        event.preventDefault();
        if (mass.trim() === '') return;
        void doing
          .send([
            {
              part: 'movement',
              id: freshId(),
              create: { of: sand.id, kind: 'sand_addition' },
              set: {
                burnt_out: { was: null, to: mass.trim() },
                note: { was: null, to: `${sheet.casting_name} no. ${sheet.number}` },
              },
            },
          ])
          .then((outcome) => setKept(isKept(outcome)));
      }}
    >
      <p>
        The sand goes back on <strong>{sand.name}</strong>; what this pour burnt of it is counted already.
      </p>
      <TextEntry
        label="Burnt crust thrown away instead"
        placeholder="0.5 kg"
        value={mass}
        onChange={(event) => setMass(event.target.value)}
      />
      <button type="submit" className="press mt-2 min-h-16" disabled={mass.trim() === ''}>
        Off the heap
      </button>
    </form>
  );
}

/** What was left in the pot is metal of a known kind: it goes back on the shelf. */
function Left({ sheet, doing }: { sheet: RunSheet; doing: Doing }) {
  const alloys = useHandbook().alloys;
  const [mass, setMass] = useState('');
  const [put, setPut] = useState(false);
  const { heat_id: heat } = sheet;
  if (heat === null) return null;
  if (put)
    return (
      <p className="mt-4" role="status">
        It stands on the shelf of your workshop now, as the metal that was in this pot.
      </p>
    );
  const metal = alloys.find((one) => one.code === sheet.alloy)?.name ?? 'Metal';
  return (
    <form
      className="mt-6"
      aria-label="Left in the pot"
      onSubmit={(event) => {
        event.preventDefault();
        if (mass.trim() === '') return;
        const lot = freshId();
        void doing
          .send([
            { part: 'heat', id: heat, set: { 'metal.remainder': { was: null, to: mass.trim() } } },
            {
              part: 'workshop_row',
              id: lot,
              create: { kind: 'stock' },
              set: {
                name: { was: null, to: `Ingots, ${metal}, ${sheet.casting_name} no. ${sheet.number}` },
                form: { was: null, to: 'returns' },
                ...(sheet.alloy ? { alloy: { was: null, to: sheet.alloy } } : {}),
              },
            },
            {
              part: 'movement',
              id: freshId(),
              create: { of: lot, kind: 'lot_returned' },
              set: { mass: { was: null, to: mass.trim() }, what: { was: null, to: 'remainder' }, heat: { was: null, to: heat } },
            },
          ])
          .then((outcome) => setPut(isKept(outcome)));
      }}
    >
      <TextEntry label="Poured back into ingots" placeholder="0.4 kg" value={mass} onChange={(event) => setMass(event.target.value)} />
      <button type="submit" className="press mt-2 min-h-16" disabled={mass.trim() === ''}>
        Back on the shelf
      </button>
    </form>
  );
}
