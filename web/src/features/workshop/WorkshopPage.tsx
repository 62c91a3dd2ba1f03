import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { HeapShelf } from '../heaps/index';
import { MetalShelf } from '../metal/index';
import { PatternShelf } from '../patterns/index';
import { HistoryList } from '../record-tools/index';
import { TARIFFS, useHandbook } from '../../shared/api';
import { useDraft, useOutbox } from '../../shared/record';
import { Dialog } from '../../shared/ui/Dialog';
import { DraftState } from '../../shared/ui/DraftState';
import { PickOne } from '../../shared/ui/Pegs';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { useSaving } from '../../shared/ui/useSaving';
import { InstrumentShelf } from './InstrumentShelf';
import { seenOf } from './model';
import { workshopQuery } from './queries';
import { Tools } from './Tools';

const PLACES = [
  ['patterns', 'Patterns and moulds'],
  ['heaps', 'Sand'],
  ['mixes', 'Mixes'],
  ['metal', 'Metal'],
  ['furnaces', 'Furnaces'],
  ['crucibles', 'Crucibles'],
  ['flasks', 'Flasks'],
  ['cutters', 'Cutting tools'],
  ['consumables', 'Consumables'],
  ['prices', 'Prices'],
  ['instruments', 'Instruments'],
] as const;

/** What comes on top of the tariffs, and what an hour is worth; blank ones are not counted. */
const COSTS = [
  { setting: 'tax', label: 'Tax on top of these', example: '20 %' },
  { setting: 'monthly', label: 'Fees of a month', example: '8.50' },
  { setting: 'hour', label: 'An hour of yours', example: '0' },
] as const;

/** What the caster owns and goes by. Plans are made with it: sizes in your own tools, your own crucibles, your own tariff. */
export function WorkshopPage() {
  const workshop = useSuspenseQuery(workshopQuery).data;
  const handbook = useHandbook();
  const outbox = useOutbox();
  const parts = { workshop: { part: 'workshop' as const, id: outbox.account } };
  const draft = useDraft('workshop settings', { label: 'Workshop', path: '/workshop', parts }, seenOf(workshop));
  const { busy, outcome, run } = useSaving();
  const [history, setHistory] = useState(false);
  const typed = draft.touched.length > 0;
  const text = (field: string) => draft.at(field)?.shown ?? '';
  const set = (field: string, value: string | null) => draft.set(field, value === '' ? null : value);
  return (
    <article>
      <div className="flex flex-wrap items-start justify-between gap-4">
        <h1>Workshop</h1>
        <button type="button" className="press press-quiet" onClick={() => setHistory(true)}>
          What was changed
        </button>
      </div>
      <p className="mt-1 text-soft">Your sand, your metal, your tools, and what they want before the next pour.</p>
      <nav aria-label="In the workshop" className="mt-2 flex flex-wrap gap-x-5">
        {PLACES.map(([at, words]) => (
          <a key={at} href={`#${at}`} className="py-2">
            {words}
          </a>
        ))}
      </nav>
      {workshop.unreadable.length > 0 && (
        <div className="caution mt-3" role="note">
          <p>Some of what is stored is no longer understood; it stays as it is: {workshop.unreadable.join(' ')}</p>
        </div>
      )}
      <PatternShelf />
      <HeapShelf />
      <section id="mixes" className="mt-10 border-t-[3px] border-double border-ink pt-3" aria-label="Mixes">
        <h2>Mixes</h2>
        <p className="text-soft">Plaster, rubber, sand, coats: masses on the scale, in the order of mixing, with a clock.</p>
        <p className="mt-3">
          <Link to="/workshop/mixes" className="press press-molten min-h-14">
            Mix a batch
          </Link>
        </p>
      </section>
      <MetalShelf />
      <Tools workshop={workshop} />
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void run(draft.save);
        }}
      >
        <section id="prices" className="mt-10 border-t-[3px] border-double border-ink pt-3" aria-label="Prices, lift, school">
          <h2>Prices, lift, school</h2>
          <div className="mt-3">
            <div className="flex flex-wrap gap-4">
              <SmallEntry
                label="Currency"
                width="w-24"
                value={text('workshop/currency')}
                onChange={(currency) => set('workshop/currency', currency.toUpperCase())}
                error={draft.problem('workshop/currency')}
              />
              {TARIFFS.map(({ source, label }) => (
                <SmallEntry
                  key={source}
                  label={label}
                  width="w-36"
                  value={text(`workshop/tariffs.${source}`)}
                  example="0.34"
                  onChange={(price) => set(`workshop/tariffs.${source}`, price)}
                  error={draft.problem(`workshop/tariffs.${source}`)}
                />
              ))}
              {COSTS.map(({ setting, label, example }) => (
                <SmallEntry
                  key={setting}
                  label={label}
                  width="w-36"
                  value={text(`workshop/costs.${setting}`)}
                  example={example}
                  onChange={(typed) => set(`workshop/costs.${setting}`, typed)}
                  error={draft.problem(`workshop/costs.${setting}`)}
                />
              ))}
              <SmallEntry
                label="One person lifts"
                width="w-36"
                value={text('workshop/safe_lift')}
                example="15 kg"
                onChange={(lift) => set('workshop/safe_lift', lift)}
                error={draft.problem('workshop/safe_lift')}
                reads={draft.isTouched('workshop/safe_lift') ? '' : otherwise(workshop.safe_lift?.shown, text('workshop/safe_lift'))}
              />
            </div>
            <fieldset className="mt-4">
              <legend className="lettering mb-1">School of gating</legend>
              <PickOne
                label="School of gating"
                choices={handbook.choices['school'] ?? []}
                value={text('workshop/school') || null}
                onChange={(school) => set('workshop/school', school)}
              />
            </fieldset>
          </div>
        </section>
        <div className="save-bar" data-idle={!typed && outcome === null}>
          <DraftState draft={draft} outcome={outcome} what="It" onDrop={() => void draft.drop()} />
          {outcome?.state === 'done' && !typed && <span className="text-soft">Saved.</span>}
          <button type="submit" className="press press-molten px-8 text-lg" disabled={busy || !typed}>
            {busy ? 'Saving' : 'Save prices, lift, school'}
          </button>
        </div>
      </form>
      <InstrumentShelf />
      <Dialog open={history} onClose={() => setHistory(false)} title="What was changed">
        {history && <HistoryList subject="workshop" label="Workshop" path="/workshop" />}
      </Dialog>
    </article>
  );
}

/** What was typed in another unit, as the caster reads it; nothing where it says the same. */
function otherwise(shown: string | undefined, typed: string): string {
  const unit = (text: string) => text.replaceAll(/[\d\s.,/–-]/g, '');
  return shown === undefined || unit(shown) === unit(typed) ? '' : shown;
}
