import { useSuspenseQuery } from '@tanstack/react-query';
import { useEffect, useState, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { v7 as freshId } from 'uuid';
import type { RunSheet } from '../../shared/api';
import { Dialog } from '../../shared/ui/Dialog';
import { Pressed } from '../../shared/ui/Pressed';
import { StandingMark } from '../../shared/ui/StandingMark';
import { TextEntry } from '../../shared/ui/TextEntry';
import { MeltCurveLink } from '../melt-curve/index';
import { PhotoStrip } from '../photos/index';
import { clock, dayOf, mates, metalAt, timeOf, tooEarly, type Day, type DayEvent } from './model';
import { AfterThePour } from './AfterThePour';
import { TellMe } from './TellMe';
import { runSheetQuery } from './queries';
import { useAwake, useDay, useTick, type Doing } from './useDay';

/** The day of a pour, at arm's length: one step large, the next one below, everything that happens one tap away. */
export function PourDayPage() {
  const { id = '' } = useParams();
  const sheet = useSuspenseQuery(runSheetQuery(id)).data;
  const doing = useDay(sheet);
  useAwake();
  const day = dayOf(sheet, doing.events);
  return (
    <article className="sun mx-auto max-w-2xl">
      <header className="flex flex-wrap items-start justify-between gap-3">
        <div>
          <p className="lettering">
            <Link to={`/attempts/${id}`}>
              {sheet.casting_name}, no. {sheet.number}
            </Link>
          </p>
          <h1>Pour day</h1>
        </div>
        <div className="flex flex-wrap gap-2">
          <MeltCurveLink
            attempt={id}
            label={`${sheet.casting_name}, no. ${sheet.number}: the melt`}
            heat={sheet.heat_id}
            alloy={sheet.alloy}
            className="press min-h-16"
          />
          <Night />
        </div>
      </header>
      <Pressed outcome={doing.outcome} />
      <Live sheet={sheet} day={day} doing={doing} />
      <Now sheet={sheet} day={day} doing={doing} />
      <Taps sheet={sheet} day={day} doing={doing} />
      <AfterThePour sheet={sheet} day={day} doing={doing} />
      <Trouble sheet={sheet} />
      <Tapped doing={doing} />
      <section className="mt-6" aria-label="Photos">
        <h2 className="lettering mb-1 text-ink">Photos</h2>
        <PhotoStrip attempt={id} label={`${sheet.casting_name}, no. ${sheet.number}`} />
      </section>
      <Together sheet={sheet} doing={doing} />

      <Metals sheet={sheet} />
      {day.at('lit') === null && <Lay sheet={sheet} />}
      {day.at('pour') === null && <MadeOf sheet={sheet} />}
      <p className="mt-6 text-soft">
        Local rules and licensed practice come first; this is a list to think with, no permission.{' '}
        <Link to={`/attempts/${id}#inspection`}>To the inspection</Link>
      </p>
    </article>
  );
}

/** What the mould is made of, as long as that can still be put right: its sand, its pattern, or the mould that is poured again. */
function MadeOf({ sheet }: { sheet: RunSheet }) {
  const parts = [
    { label: 'Sand', part: sheet.sand, to: '/workshop/heaps', press: 'Test or mend it' },
    { label: 'Pattern or mould', part: sheet.pattern, to: '/workshop/patterns', press: 'Look it over or mend it' },
  ];
  return parts.map(
    ({ label, part, to, press }) =>
      part && (
        <section key={label} className="mt-4 border-2 border-ink p-3" aria-label={label} data-standing={part.standing}>
          <h2 className="lettering text-ink">{part.name}</h2>
          <p className="flex gap-2 text-lg">
            <StandingMark standing={part.standing} />
            <span>{part.sentence}</span>
          </p>
          {(part.standing === 'bad' || part.standing === 'risky' || (label === 'Sand' && part.standing === 'plain')) && (
            <p className="mt-2">
              <Link to={`${to}/${part.id}`} className="press min-h-16">
                {press}
              </Link>
            </p>
          )}
        </section>
      ),
  );
}

/** Dark for the eyes at night, light for the sun; only while this page is open. */
function Night() {
  const [night, setNight] = useState(document.documentElement.dataset['theme'] === 'night');
  useEffect(() => {
    const own = document.documentElement.dataset['theme'] ?? 'auto';
    return () => {
      document.documentElement.dataset['theme'] = own;
    };
  }, []);
  return (
    <button
      type="button"
      className="press min-h-16"
      aria-pressed={night}
      onClick={() => {
        document.documentElement.dataset['theme'] = night ? 'light' : 'night';
        setNight(!night);
      }}
    >
      {night ? 'Day colours' : 'Night colours'}
    </button>
  );
}

/** What runs while somebody stands there: how long it is out and how hot it still is; then how long to leave it. */
function Live({ sheet, day, doing }: { sheet: RunSheet; day: Day; doing: Doing }) {
  useTick(500);
  const now = doing.now();
  const out = day.at('out');
  const pour = day.at('pour');
  const full = day.at('full') ?? day.at('ran_short');
  if (full !== null) return day.at('opened') === null ? <Leave sheet={sheet} since={now - full} /> : null;
  if (out === null && pour === null) return null;
  const seconds = now - (out ?? pour ?? now);
  const metal = out === null ? null : metalAt(sheet, seconds);
  return (
    <section className="mt-4 border-2 border-ink p-3" aria-label="Now" aria-live="off">
      <div className="grid grid-cols-2 gap-3">
        <p>
          <span className="lettering block">{pour === null ? 'Out of the furnace' : 'Pouring'}</span>
          <span className="figure text-5xl leading-none">{clock(now - (pour ?? out ?? now))}</span>
          {pour !== null && sheet.pour_seconds !== null && <span className="block text-soft">planned {clock(sheet.pour_seconds)}</span>}
        </p>
        {metal && (
          <p>
            <span className="lettering block">At the mould</span>
            <span className="figure text-3xl leading-none">
              <StandingMark standing={metal.standing} /> {metal.shown}
            </span>
            <span className="block text-soft">
              {[sheet.fills && `fills from ${sheet.fills}`, sheet.bears && `never over ${sheet.bears}`].filter(Boolean).join(', ')}
            </span>
          </p>
        )}
      </div>
    </section>
  );
}

/** Counting down to when it may be opened, at the late end of the plan's spread. */
function Leave({ sheet, since }: { sheet: RunSheet; since: number }) {
  return (
    <section className="mt-4 border-2 border-ink p-3" aria-label="Leave it">
      <p>
        <span className="lettering block">Since it was full</span>
        <span className="figure text-4xl leading-none">{clock(since)}</span>
      </p>
      {sheet.opening.length === 0 ? (
        <p className="mt-2">When it may be opened cannot be told: sections and mould are wanted. Leave it longer than you think.</p>
      ) : (
        <ul className="mt-2">
          {sheet.opening.map((row) => (
            <li key={row.code} className="hairline flex flex-wrap items-baseline justify-between gap-x-4 py-1.5 first:border-t-0">
              <span className="font-semibold">{row.label}</span>
              <span className="figure text-xl">{since >= row.seconds ? 'by the plan, yes' : `in ${clock(row.seconds - since)}`}</span>
              {row.note && since < row.seconds && <span className="w-full text-sm text-soft">{row.note}</span>}
            </li>
          ))}
        </ul>
      )}
      <TellMe sheet={sheet} since={since} />
    </section>
  );
}

/** The step that comes now, as large as a hand; what must be so before it; the next one below. */
function Now({ sheet, day, doing }: { sheet: RunSheet; day: Day; doing: Doing }) {
  const [asking, setAsking] = useState(false);
  const [opening, setOpening] = useState(false);
  const { step, next } = day;
  if (!step) return <p className="rule mt-4 pt-3 text-xl">Opened. What you see now goes into the inspection.</p>;
  const when = step.code === 'lit' ? 'lighting' : step.code === 'out' || step.code === 'pour' ? 'pouring' : null;
  const holds = when === null || (step.code === 'pour' && day.at('out') !== null) ? [] : doing.holds.filter((hold) => hold.when === when);
  const open = holds.filter((hold) => !hold.seen);
  const label = sheet.taps.find((tap) => tap.code === step.code)?.label ?? step.label;
  const full = day.at('full') ?? day.at('ran_short');
  const early = step.code === 'opened' && full !== null ? tooEarly(sheet, doing.now() - full) : [];
  return (
    <section className="mt-4" aria-label="This step">
      <p className="figure text-4xl leading-tight">{step.label}</p>
      {step.words && <p className="mt-1 text-xl">{step.words}</p>}
      {holds.length > 0 && <Holds holds={holds} repeats={sheet.repeats} doing={doing} />}
      <button
        type="button"
        className="press press-molten mt-4 min-h-24 w-full justify-center text-3xl"
        onClick={() => (open.length > 0 ? setAsking(true) : early.length > 0 ? setOpening(true) : doing.tap(step.code))}
      >
        {label}
      </button>
      {next && <p className="mt-2 text-lg text-soft">Then: {next.label.toLowerCase()}</p>}
      <GoOn
        open={asking}
        title={open.length === 1 ? 'One hold is open' : `${open.length} holds are open`}
        against={open}
        ask="Why you go on all the same"
        press="Go on, and keep the reason"
        onClose={() => setAsking(false)}
        onGo={(reason) => {
          for (const hold of open) doing.hold(hold, reason);
          doing.tap(step.code);
          setAsking(false);
        }}
      />
      <GoOn
        open={opening}
        title="Too early by the plan"
        against={againstOpening(early)}
        ask="Why it was opened all the same"
        press="It is open; keep the reason"
        onClose={() => setOpening(false)}
        onGo={(reason) => {
          doing.tap(step.code, reason);
          setOpening(false);
        }}
      >
        <button type="button" className="press press-molten mt-3 min-h-16 w-full justify-center text-xl" onClick={() => setOpening(false)}>
          Leave it closed
        </button>
      </GoOn>
    </section>
  );
}

function Holds({ holds, repeats, doing }: { holds: RunSheet['holds']; repeats: RunSheet['repeats']; doing: Doing }) {
  return (
    <ul className="mt-3 grid gap-2" aria-label="Before this">
      {repeats.map((entry) => (
        <li key={entry.cause} className="caution">
          <strong>
            {entry.label}, {entry.times === 1 ? 'once' : `${entry.times} times`}: look now.
          </strong>
        </li>
      ))}
      {holds.map((hold) => (
        <li key={hold.code}>
          <button
            type="button"
            className="peg min-h-16 w-full justify-start text-left text-lg"
            data-many="true"
            aria-pressed={hold.seen}
            onClick={() => doing.hold(hold, hold.seen ? undefined : null)}
          >
            <span>
              {hold.text} <span className="block text-sm font-normal text-soft">{hold.reason ?? hold.why}</span>
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

/** Going on against what speaks against it asks for a reason, and the reason is kept. */
function GoOn({
  open,
  title,
  against,
  ask,
  press,
  onClose,
  onGo,
  children,
}: {
  open: boolean;
  title: string;
  against: readonly { code: string; text: string; why: string }[];
  ask: string;
  press: string;
  onClose: () => void;
  onGo: (reason: string) => void;
  children?: ReactNode;
}) {
  const [reason, setReason] = useState('');
  return (
    <Dialog open={open} onClose={onClose} title={title} narrow>
      <ul className="mb-3">
        {against.map((row) => (
          <li key={row.code} className="hairline py-1.5 first:border-t-0">
            <strong>{row.text}.</strong> {row.why}
          </li>
        ))}
      </ul>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (reason.trim() !== '') onGo(reason.trim());
        }}
      >
        <TextEntry label={ask} value={reason} onChange={(event) => setReason(event.target.value)} />
        <button type="submit" className="press mt-3 min-h-16" disabled={reason.trim() === ''}>
          {press}
        </button>
      </form>
      {children}
    </Dialog>
  );
}

/** What speaks against opening now, in the words of the plan. */
const againstOpening = (early: RunSheet['opening']) => [
  ...early.map((row) => ({ code: row.code, text: `${row.label}: ${row.shown} after it was full`, why: row.note })),
  {
    code: 'always',
    text: 'Metal that is still liquid inside runs out when the sand goes',
    why: 'What is hot and soft tears or warps.',
  },
];

const PHASES = [
  { phase: 'melt', words: 'In the melt' },
  { phase: 'carry', words: 'On the way' },
  { phase: 'pour', words: 'At the pour' },
  { phase: 'cooling', words: 'While it cools' },
  { phase: 'any', words: 'At any time' },
] as const;

/** Everything else that happens: the buttons of this phase at hand, the others folded. */
function Taps({ sheet, day, doing }: { sheet: RunSheet; day: Day; doing: Doing }) {
  const [typing, setTyping] = useState<RunSheet['taps'][number] | null>(null);
  const phase = day.step?.phase ?? 'cooling';
  const press = (tap: RunSheet['taps'][number]) => (tap.takes === null ? doing.tap(tap.code) : setTyping(tap));
  const buttons = (of: string) => (
    <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
      {sheet.taps
        .filter((tap) => tap.phase === of && tap.code !== day.step?.code)
        .map((tap) => (
          <button
            key={tap.code}
            type="button"
            className="press min-h-16 justify-center text-center text-lg leading-tight"
            onClick={() => press(tap)}
          >
            {tap.label}
          </button>
        ))}
    </div>
  );
  return (
    <section className="mt-6" aria-label="What happens">
      <h2 className="lettering mb-1 text-ink">{PHASES.find((row) => row.phase === phase)?.words}</h2>
      {buttons(phase)}
      <div className="mt-2">{buttons('any')}</div>
      <details className="mt-2">
        <summary className="press press-quiet -ml-2 min-h-12 cursor-pointer">Something else</summary>
        {PHASES.filter((row) => row.phase !== phase && row.phase !== 'any').map((row) => (
          <div key={row.phase} className="mt-2">
            <h3 className="lettering mb-1">{row.words}</h3>
            {buttons(row.phase)}
          </div>
        ))}
      </details>
      <Typed key={typing?.code} tap={typing} onClose={() => setTyping(null)} onTell={(code, word) => doing.tap(code, word)} />
    </section>
  );
}

/** A temperature or a word: a tap with something typed. The second that counts is that of the last press. */
function Typed({
  tap,
  onClose,
  onTell,
}: {
  tap: RunSheet['taps'][number] | null;
  onClose: () => void;
  onTell: (code: string, word: string) => void;
}) {
  const [word, setWord] = useState('');
  if (!tap) return null;
  return (
    <Dialog open onClose={onClose} title={tap.label} narrow>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (word.trim() === '') return;
          onTell(tap.code, word.trim());
          onClose();
        }}
      >
        <TextEntry
          label={tap.takes === 'word' ? 'What happened' : 'What it reads: 735 C, 1355 F'}
          inputMode={tap.takes === 'word' ? 'text' : 'decimal'}
          value={word}
          onChange={(event) => setWord(event.target.value)}
        />
        <button type="submit" className="press press-molten mt-3 min-h-16 w-full justify-center text-xl" disabled={word.trim() === ''}>
          Keep it
        </button>
      </form>
    </Dialog>
  );
}

/** What to do at once. Short, and with when not to try. */
function Trouble({ sheet }: { sheet: RunSheet }) {
  return (
    <section className="mt-6" aria-label="What to do at once">
      <h2 className="lettering text-ink">What to do at once</h2>
      <ul className="rule mt-1">
        {sheet.trouble.map((row) => (
          <li key={`${row.code} ${row.do}`} className="hairline py-2 first:border-t-0">
            <strong className="block text-lg">{row.label}</strong>
            {row.do} <span className="font-semibold text-molten">{row.not}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A wrong tap is noticed soon; a long day stays quick. */
const LATEST = 8;

/** What was tapped; a wrong tap is moved in time or taken back. */
function Tapped({ doing }: { doing: Doing }) {
  const [editing, setEditing] = useState<string | null>(null);
  const [at, setAt] = useState('');
  const [all, setAll] = useState(false);
  if (doing.events.length === 0) return null;
  const latest = [...doing.events].reverse();
  return (
    <section className="mt-6" aria-label="Tapped so far" data-tapped={latest.length}>
      <h2 className="lettering text-ink">Tapped so far</h2>
      <ol className="rule mt-1">
        {(all ? latest : latest.slice(0, LATEST)).map((event) => (
          <li key={event.id} className="hairline py-1.5 first:border-t-0" data-event={event.id}>
            <div className="flex flex-wrap items-center gap-x-3">
              <span className="figure">{timeOf(event.at)}</span>
              <span className="flex-1 text-lg">
                {event.label}
                {event.word && <span className="text-soft">: {event.word}</span>}
                {event.onDevice && <span className="ml-2 text-sm text-soft">on this device</span>}
              </span>
              <button
                type="button"
                className="press press-quiet min-h-12"
                onClick={() => {
                  setEditing(editing === event.id ? null : event.id);
                  setAt('');
                }}
              >
                Change <span className="sr-only">{event.label}</span>
              </button>
            </div>
            {editing === event.id && <Moving event={event} at={at} setAt={setAt} doing={doing} onDone={() => setEditing(null)} />}
          </li>
        ))}
      </ol>
      {latest.length > LATEST && !all && (
        <button type="button" className="press press-quiet min-h-12" onClick={() => setAll(true)}>
          All {latest.length}
        </button>
      )}
    </section>
  );
}

function Moving({
  event,
  at,
  setAt,
  doing,
  onDone,
}: {
  event: DayEvent;
  at: string;
  setAt: (at: string) => void;
  doing: Doing;
  onDone: () => void;
}) {
  const by = (seconds: number, words: string) => (
    <button type="button" className="press min-h-14" onClick={() => doing.move(event, seconds)}>
      {words}
    </button>
  );
  return (
    <div className="flex flex-wrap items-end gap-2 pb-2">
      {by(-60, '1 min earlier')}
      {by(-5, '5 s earlier')}
      {by(5, '5 s later')}
      {by(60, '1 min later')}
      <label className="lettering">
        At
        <input type="time" step="1" className="entry" value={at} onChange={(change) => setAt(change.target.value)} />
      </label>
      {at !== '' && (
        <button
          type="button"
          className="press min-h-14"
          onClick={() => {
            const day = new Date(event.at * 1000);
            const [hours = 0, minutes = 0, seconds = 0] = at.split(':').map(Number);
            day.setHours(hours, minutes, seconds);
            doing.move(event, day.getTime() / 1000 - event.at);
            onDone();
          }}
        >
          Set
        </button>
      )}
      <button
        type="button"
        className="press press-quiet min-h-14"
        onClick={() => {
          doing.takeBack(event);
          onDone();
        }}
      >
        Take it back
      </button>
    </div>
  );
}

/** Moulds that may be filled from the same melt: what needs the hottest metal first. Those that are share what is tapped of the melt. */
function Together({ sheet, doing }: { sheet: RunSheet; doing: Doing }) {
  if (sheet.together.length === 0) return null;
  const shared = mates(sheet);
  const join = (id: string, has: string | null) => {
    const heat = sheet.heat_id ?? freshId();
    const melt = sheet.alloy ? { 'metal.alloy': { was: null, to: sheet.alloy } } : {};
    void doing.send([
      ...(sheet.heat_id === null
        ? [
            { part: 'heat' as const, id: heat, create: {}, set: melt },
            { part: 'attempt' as const, id: sheet.attempt_id, set: { heat: { was: null, to: heat } } },
          ]
        : []),
      { part: 'attempt' as const, id, set: { heat: { was: has, to: heat } } },
    ]);
  };
  return (
    <section className="mt-6" aria-label="From one melt">
      <h2 className="lettering text-ink">From one melt, in this order</h2>
      <ol className="rule mt-1">
        {sheet.together.map((mould, place) => (
          <li key={mould.id} className="hairline flex min-h-16 flex-wrap items-center gap-x-3 py-1.5 first:border-t-0">
            <span className="figure text-xl">{place + 1}</span>
            <span className="flex-1">
              {mould.here ? (
                <strong>This one</strong>
              ) : (
                <Link to={`/attempts/${mould.id}/day`} className="text-lg">
                  {mould.casting_name}, no. {mould.number}
                </Link>
              )}
              <span className="block text-sm text-soft">
                {mould.needs === null ? 'not told how hot' : `asks for ${mould.needs} in the furnace`}
                {shared.includes(mould.id) && ', of this melt'}
              </span>
            </span>
            {!mould.here && !shared.includes(mould.id) && mould.heat_id === null && (
              <button type="button" className="press min-h-16" onClick={() => join(mould.id, mould.heat_id)}>
                Same melt <span className="sr-only">for {mould.casting_name}</span>
              </button>
            )}
            {shared.includes(mould.id) && (
              <button
                type="button"
                className="press press-quiet min-h-16"
                onClick={() => void doing.send([{ part: 'attempt', id: mould.id, set: { heat: { was: sheet.heat_id, to: null } } }])}
              >
                Another melt <span className="sr-only">for {mould.casting_name}</span>
              </button>
            )}
          </li>
        ))}
      </ol>
      {shared.length > 0 && <p className="text-sm text-soft">What is tapped of the melt is written down for all of them.</p>}
    </section>
  );
}

/** Two metals on one day: the pot that loses its heat faster leaves the furnace last. */
function Metals({ sheet }: { sheet: RunSheet }) {
  if (sheet.metals.length === 0) return null;
  return (
    <section className="mt-6" aria-label="Two metals at once">
      <h2 className="lettering text-ink">With another metal the same day, out in this order</h2>
      <ol className="rule mt-1">
        {sheet.metals.map((row, place) => (
          <li key={row.id} className="hairline flex min-h-16 flex-wrap items-center gap-x-3 py-1.5 first:border-t-0">
            <span className="figure text-xl">{place + 1}</span>
            <span className="flex-1">
              <strong>{row.metal}</strong>
              <span className="block text-sm text-soft">
                {row.here ? (
                  'this one'
                ) : (
                  <Link to={`/attempts/${row.id}/day`}>
                    {row.casting_name}, no. {row.number}
                  </Link>
                )}
                {row.loses === null ? ', how fast it cools is not told' : `, loses ${row.loses} in the first half minute outside`}
              </span>
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** What to lay ready, with the amounts of the plan. */
function Lay({ sheet }: { sheet: RunSheet }) {
  if (sheet.lay.length === 0) return null;
  return (
    <section className="mt-6" aria-label="Lay ready">
      <h2 className="lettering text-ink">Lay ready</h2>
      <dl className="rule mt-1">
        {sheet.lay.map((row) => (
          <div key={row.label} className="hairline flex justify-between gap-4 py-1.5 first:border-t-0">
            <dt>{row.label}</dt>
            <dd className="figure">{row.words}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-2">
        <Link to={`/attempts/${sheet.attempt_id}/charge`} className="press min-h-14">
          Charge off the shelf
        </Link>
      </p>
    </section>
  );
}
