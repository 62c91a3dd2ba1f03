import type { Week } from '../../shared/api';
import { useDraft, useOutbox, type Plain, type Stands } from '../../shared/record';
import { DraftState } from '../../shared/ui/DraftState';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { useSaving } from '../../shared/ui/useSaving';
import { useFeed, zone } from './queries';

const DAYS = [
  ['mon', 'Monday'],
  ['tue', 'Tuesday'],
  ['wed', 'Wednesday'],
  ['thu', 'Thursday'],
  ['fri', 'Friday'],
  ['sat', 'Saturday'],
  ['sun', 'Sunday'],
] as const;

/** When somebody works, how many, and the air of these days; and the week for any other calendar. */
export function WeekHours({ week }: { week: Week }) {
  const { account } = useOutbox();
  const seen: Record<string, Stands> = {};
  for (const [day] of DAYS) {
    const hours = week.hours[day];
    if (hours !== undefined) seen[`week/week.${day}`] = { raw: hours, shown: hours };
  }
  seen['week/week.people'] = { raw: week.people, shown: String(week.people) };
  if (week.air_told) seen['week/week.air'] = { raw: week.air_told as Plain, shown: `${week.air_told.value} ${week.air_told.unit}` };
  if (week.humidity_told) seen['week/week.humidity'] = { raw: week.humidity_told as Plain, shown: `${week.humidity_told.value} %` };
  const draft = useDraft('week', { label: 'Hours of the week', path: '/week', parts: { week: { part: 'workshop', id: account } } }, seen);
  const { busy, outcome, run } = useSaving();
  const untold = Object.keys(week.hours).length === 0;
  const entry = (key: string, label: string, example: string) => (
    <SmallEntry
      key={key}
      label={label}
      width="w-44"
      value={draft.at(`week/week.${key}`)?.shown ?? ''}
      example={example}
      onChange={(text) => draft.set(`week/week.${key}`, text.trim() === '' ? null : text, text)}
      error={draft.problem(`week/week.${key}`)}
    />
  );
  return (
    <section id="hours" className="mt-10 border-t-[3px] border-double border-ink pt-3" aria-label="Hours, people, air">
      <h2>Hours, people, air</h2>
      <p className="text-soft">
        When you can be at it: <span className="figure">18:30-21:30</span>, several parted by commas, blank for never.
        {untold && ' Nobody said yet: evenings and the weekend are taken for granted.'}
      </p>
      <form
        noValidate
        className="mt-3"
        onSubmit={(event) => {
          event.preventDefault();
          // The feed has no clock on the wall of its own.
          draft.set('week/week.zone', zone(), zone());
          void run(draft.save);
        }}
      >
        <div className="flex flex-wrap gap-x-5 gap-y-3">
          {DAYS.map(([day, label]) => entry(day, label, untold ? (week.usual[day] ?? '') : 'never'))}
          {entry('people', 'People', '1')}
          {entry('air', 'Air these days', '20 C')}
          {entry('humidity', 'Humidity', '50 %')}
        </div>
        <div className="mt-4 flex flex-wrap items-center gap-4">
          <button type="submit" className="press press-molten min-h-14 px-6" disabled={busy || draft.touched.length === 0}>
            {busy ? 'Saving' : 'Keep the hours'}
          </button>
          <DraftState draft={draft} outcome={outcome} what="They" onDrop={() => void draft.drop()} />
        </div>
      </form>
      <Feed week={week} />
    </section>
  );
}

function Feed({ week }: { week: Week }) {
  const { make, cutOff } = useFeed();
  const address = make.data ? `${window.location.origin}${make.data.path}` : null;
  return (
    <section className="mt-8" aria-label="In another calendar">
      <h3 className="lettering text-ink">In another calendar</h3>
      <p className="mt-1 flex flex-wrap items-center gap-3">
        <a href="/api/week.ics" download className="press">
          Save as a calendar file
        </a>
        <button type="button" className="press" disabled={make.isPending} onClick={() => make.mutate()}>
          {week.has_feed ? 'A new secret address' : 'A secret address to subscribe to'}
        </button>
        {week.has_feed && (
          <button type="button" className="press press-quiet" disabled={cutOff.isPending} onClick={() => cutOff.mutate()}>
            Cut it off
          </button>
        )}
      </p>
      {address && week.has_feed && (
        <p className="mt-2" data-feed>
          <span className="block text-sm text-soft">Shown once; whoever has it can read your week, and nothing else.</span>
          <code className="break-all">{address}</code>
        </p>
      )}
      {cutOff.isError && (
        <p role="alert" className="font-semibold text-molten">
          {cutOff.error.message}
        </p>
      )}
    </section>
  );
}
