import { useState } from 'react';
import { fieldMessages, useHandbook, type Charge } from '../../shared/api';
import type { Plain } from '../../shared/record';
import { OpenWorking } from '../../shared/ui/OpenWorking';
import { PickOne } from '../../shared/ui/Pegs';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { Failed } from '../../shared/ui/states';
import { asShare } from './model';
import { Once } from './Once';
import { PotFigure, PotWords } from './PotFigure';
import { useCorrection } from './queries';
import type { Moves } from './useMoves';

/** What a check of the pot found, and what to stir in so that it becomes what it is to be. */
export function CheckPot({ charge, moves }: { charge: Charge; moves: Moves }) {
  const known = Object.fromEntries(Object.entries(charge.shares).map(([element, told]) => [element, told.shown]));
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [by, setBy] = useState<string>(charge.found_by ?? (charge.cup ? 'cooled' : 'assayed'));
  const [mass, setMass] = useState('');
  const correction = useCorrection(charge.attempt_id);
  const messages = fieldMessages(correction.error);
  const choices = useHandbook().choices['lot_knowledge'] ?? [];
  const elements = [...new Set([...charge.elements, ...Object.keys(known), ...Object.keys(typed)])];
  const text = (element: string) => typed[element] ?? known[element] ?? '';
  const inPot = mass || charge.pot?.mass || '';
  if (charge.alloy === null) return null;
  const found = () =>
    Object.fromEntries(
      Object.entries({ ...known, ...typed })
        .filter(([, share]) => share.trim() !== '')
        .map(([element, share]) => [element, asShare(share)]),
    );
  const send = () => {
    const shares: Record<string, { was: Plain; to: Plain }> = {};
    for (const [element, share] of Object.entries(typed)) {
      const was = (charge.shares[element]?.raw ?? null) as Plain;
      shares[element] = { was, to: share.trim() === '' ? null : asShare(share) };
    }
    if (by !== charge.found_by) shares['by'] = { was: charge.found_by, to: by };
    if (Object.keys(shares).length > 0) void moves.find(shares);
    correction.mutate({ mass: massOf(inPot), found: found(), by });
  };
  return (
    <section className="mt-8" aria-label="A check of the pot">
      <h3 className="lettering text-ink">A check of the pot</h3>
      <p className="text-sm text-soft">
        Type what was found, per cent; what nobody looked for is taken as it was charged.
        {charge.cup && ` The cup that cooled says ${charge.cup.element} ${charge.cup.shown}.`}
      </p>
      <form
        noValidate
        className="mt-2"
        onSubmit={(event) => {
          event.preventDefault();
          send();
        }}
      >
        <div className="flex flex-wrap items-start gap-x-4 gap-y-2">
          {elements.map((element) => (
            <SmallEntry
              key={element}
              label={element}
              width="w-20"
              value={text(element)}
              onChange={(share) => setTyped({ ...typed, [element]: share })}
              error={messages[`/found/${element}`]}
            />
          ))}
          <SmallEntry
            label="In the pot"
            width="w-32"
            value={mass}
            example={charge.pot ? massOf(charge.pot.mass) : '3 kg'}
            onChange={setMass}
            error={messages['/mass']}
          />
        </div>
        {messages['/found'] && (
          <p role="alert" className="font-semibold text-molten">
            {messages['/found']}
          </p>
        )}
        <div className="mt-2">
          <PickOne label="How it was found" choices={choices} value={by} onChange={(next) => setBy(next ?? 'assayed')} />
        </div>
        <p className="mt-3 flex flex-wrap gap-3">
          {charge.cup && (
            <button
              type="button"
              className="press"
              onClick={() => {
                if (charge.cup) setTyped({ ...typed, [charge.cup.element]: String(charge.cup.percent) });
                setBy('cooled');
              }}
            >
              As the cup says
            </button>
          )}
          <button type="submit" className="press press-molten min-h-14" disabled={correction.isPending || moves.busy}>
            What to add
          </button>
        </p>
      </form>
      {correction.isError && Object.keys(messages).length === 0 && <Failed error={correction.error} />}
      {charge.found && !correction.data && (
        <div className="mt-3">
          <PotWords pot={charge.found} />
        </div>
      )}
      {correction.data && (
        <div className="mt-3" aria-live="polite" data-correction={correction.data.lines.length}>
          <p className="text-lg">{correction.data.words}</p>
          <ol className="mt-1">
            {correction.data.lines.map((line) => (
              <li key={line.lot_id ?? line.name} className="hairline py-2" data-add={line.name}>
                <p className="flex flex-wrap items-baseline gap-x-4">
                  <span className="min-w-44 font-semibold">{line.name}</span>
                  <span className="figure text-2xl">{line.shown}</span>
                  {line.lot_id === null && <span className="text-soft">to be bought</span>}
                </p>
                <OpenWorking working={line.working} />
              </li>
            ))}
          </ol>
          {correction.data.lines.some((line) => line.lot_id !== null) && (
            <Once
              of={correction.data}
              words="I stirred it in"
              busy={moves.busy}
              write={() =>
                moves.charge(
                  (correction.data.lines ?? []).flatMap((line) =>
                    line.lot_id === null ? [] : [{ lot: line.lot_id, mass: `${Number(line.kg.toPrecision(6))} kg` }],
                  ),
                  'stirred',
                )
              }
            />
          )}
          {correction.data.after && (
            <div className="mt-3">
              <p className="lettering">Then it is</p>
              <PotWords pot={correction.data.after} />
              <PotFigure pot={correction.data.after} label="What the pot then is" />
            </div>
          )}
        </div>
      )}
    </section>
  );
}

/** "3.1 (2.9–3.3) kg" as it stands over the pot is its middle. */
function massOf(shown: string): string {
  return shown.replace(/\s*\([^)]*\)/u, '');
}
