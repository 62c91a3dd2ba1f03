import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Week, WeekTask } from '../../shared/api';
import { useChange } from '../../shared/record';
import { Pressed } from '../../shared/ui/Pressed';
import { StandingMark } from '../../shared/ui/StandingMark';
import { useSaving } from '../../shared/ui/useSaving';
import { byDay, dayName, earlierWords, entryOf, hourWords, longWords, pageOf, runningOf, secondsOf, sentenceOf, whenWords } from './model';
import { weekQuery } from './queries';
import { Timeline } from './Timeline';
import { WeekHours } from './WeekHours';

/** The week before the pours: what now, what dries until when, when each is poured, and what may not slip. */
export function WeekPage() {
  const week = useSuspenseQuery(weekQuery).data;
  const sentence = sentenceOf(week);
  const now = week.tasks.filter((task) => task.state === 'next' && task.hands_until > task.start);
  return (
    <article>
      <h1>Week</h1>
      <p className="mt-1 flex gap-2 text-xl font-semibold" data-standing={sentence.standing}>
        <StandingMark standing={sentence.standing} />
        <span>{sentence.words}</span>
      </p>
      {week.warnings.map((words) => (
        <p key={words} className="caution mt-2" role="note">
          <span>{words}</span>
        </p>
      ))}
      {week.moulds.length > 0 && week.reaches && (
        <p className="mt-1 text-sm text-soft">
          {earlierWords(week)}
          {week.air && ` Drying is reckoned at ${week.air}.`}
        </p>
      )}
      <div className="mt-5 grid gap-x-12 gap-y-8 lg:grid-cols-[1fr_24rem]">
        <div>
          <Dries week={week} />
          {now.length > 0 && (
            <section aria-label="Next">
              <h2 className="double-ruled">{dayHead(week, now[0])}</h2>
              <ul>
                {now.map((task) => (
                  <ToDo key={task.key} week={week} task={task} />
                ))}
              </ul>
            </section>
          )}
        </div>
        <Pours week={week} />
      </div>
      <Timeline week={week} />
      <ByDay week={week} />
      <Done week={week} />
      <WeekHours week={week} />
    </article>
  );
}

const dayHead = (week: Week, task: WeekTask | undefined) => {
  const words = task ? whenWords(task.start, week.now) : '';
  return words.startsWith('today') ? 'Today' : words.startsWith('tomorrow') ? 'Tomorrow' : task ? dayName(task.start) : '';
};

/** What goes on by itself, and until when it must be left. */
function Dries({ week }: { week: Week }) {
  const running = runningOf(week);
  if (running.length === 0) return null;
  return (
    <section className="mb-6" aria-label="Drying, setting, cooling">
      <h2 className="double-ruled">Drying, setting, cooling</h2>
      <ul>
        {running.map((task) => (
          <li key={task.key} className="hairline flex flex-wrap items-baseline gap-x-4 py-2" data-running={task.step}>
            <span className="min-w-44 font-semibold">{task.label}</span>
            <span>
              until <span className="figure text-lg">{whenWords(task.through, week.now)}</span>
            </span>
            <span className="text-soft">{task.name}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function useDone(week: Week) {
  const change = useChange();
  const { outcome, run } = useSaving();
  const mark = (task: WeekTask, at: number | null) =>
    void run(() =>
      change({
        label: `${task.label}: ${task.name}`,
        path: '/week',
        changes:
          at === null
            ? task.done.map((said) => ({
                part: 'attempt' as const,
                id: said.attempt_id,
                set: { [said.field]: { was: said.at, to: null } },
              }))
            : task.moulds.map((id) => ({ part: 'attempt' as const, id, set: { [`step.${task.step}`]: { was: null, to: at } } })),
      }),
    );
  return { outcome, mark, now: () => Math.floor(Date.now() / 1000), week };
}

function ToDo({ week, task }: { week: Week; task: WeekTask }) {
  const { outcome, mark, now } = useDone(week);
  const otherwise = week.tonight.find((one) => one.key === task.key)?.otherwise[0];
  return (
    <li className="hairline py-3" data-task={task.step}>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <span className="figure w-14 text-xl">{hourWords(task.start)}</span>
        <span className="min-w-0 flex-1 basis-56">
          <span className="block text-lg font-semibold">{task.label}</span>
          <span className="block text-soft">
            {task.name} · {longWords(task.hands_until - task.start)}
            {task.runs_until > task.hands_until && `, then ${longWords(task.runs_until - task.hands_until)} by itself`}
            {task.through > task.runs_until && `, then wait ${longWords(task.through - task.runs_until)}`}
          </span>
        </span>
        <button type="button" className="press min-h-16 px-6 text-lg" onClick={() => mark(task, now())}>
          Done <span className="sr-only">{task.label}</span>
        </button>
      </div>
      <p className="mt-1 text-sm">
        {otherwise ? (
          <>
            Left for later, {otherwise.name} pours <span className="figure">{whenWords(otherwise.to, week.now)}</span> instead of{' '}
            <span className="figure">{whenWords(otherwise.from, week.now)}</span>.
          </>
        ) : (
          <>
            At the latest <span className="figure">{whenWords(task.latest, week.now)}</span>.
          </>
        )}{' '}
        {ALONE[task.alone]}{' '}
        <span className="text-soft">{task.through > task.runs_until || task.alone === 'never' ? `How long: ${task.why}.` : ''}</span>
      </p>
      <Pressed outcome={outcome} />
    </li>
  );
}

const ALONE = { may: '', watched: 'Somebody stays near while it goes on.', never: 'Never left alone.' } as const;

function Pours({ week }: { week: Week }) {
  return (
    <section aria-label="Pours">
      <h2 className="double-ruled">Pours</h2>
      <ul>
        {[...week.moulds, ...week.others].map((mould) => (
          <Pour key={mould.attempt_id} week={week} mould={mould} />
        ))}
      </ul>
      {week.moulds.length + week.others.length === 0 && (
        <p className="mt-2">
          <Link to="/castings" className="press">
            Castings
          </Link>
        </p>
      )}
    </section>
  );
}

function Pour({ week, mould }: { week: Week; mould: Week['moulds'][number] }) {
  const [typed, setTyped] = useState<string | null>(null);
  const change = useChange();
  const { outcome, run } = useSaving();
  const entry = typed ?? entryOf(mould.wanted);
  const keep = (to: number | null) =>
    void run(() =>
      change({
        label: `${mould.name}, no. ${mould.number}: when it is poured`,
        path: '/week',
        changes: [{ part: 'attempt', id: mould.attempt_id, set: { wanted: { was: mould.wanted, to } } }],
      }),
    ).then(() => setTyped(null));
  return (
    <li className="hairline py-3" data-pour={mould.name}>
      <p>
        <Link to={`/attempts/${mould.attempt_id}`} className="text-lg font-semibold">
          {mould.name}, no. {mould.number}
        </Link>
      </p>
      <p className="text-sm text-soft">
        {[mould.process ?? 'mould not said: green sand is taken for granted', mould.metal].filter(Boolean).join(' · ')}
      </p>
      {mould.pours_at !== null && (
        <p className="mt-1 flex gap-2">
          <StandingMark standing={mould.late > 0 ? 'bad' : mould.wanted === null ? 'plain' : 'good'} />
          <span>
            pours <span className="figure text-lg">{whenWords(mould.pours_at, week.now)}</span>
            {mould.late > 0 && `, ${longWords(mould.late * 60)} later than wanted`}
          </span>
        </p>
      )}
      <form
        className="mt-1 flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          keep(secondsOf(entry));
        }}
      >
        <label className="block">
          <span className="block text-sm text-soft">To be poured</span>
          <input type="datetime-local" className="entry" value={entry} onChange={(event) => setTyped(event.target.value)} />
        </label>
        <button type="submit" className="press" disabled={typed === null}>
          Keep <span className="sr-only">the hour of {mould.name}</span>
        </button>
        {mould.wanted !== null && (
          <button type="button" className="press press-quiet" onClick={() => keep(null)}>
            No day <span className="sr-only">for {mould.name}</span>
          </button>
        )}
      </form>
      <Pressed outcome={outcome} />
    </li>
  );
}

function ByDay({ week }: { week: Week }) {
  const days = byDay(week);
  if (days.length === 0) return null;
  return (
    <section className="mt-8" aria-label="Day by day">
      <h2 className="double-ruled">Day by day</h2>
      {days.map(({ day, tasks }) => (
        <div key={day} className="mt-3 sm:grid sm:grid-cols-[8rem_1fr] sm:gap-4">
          <h3 className="lettering text-ink">{dayName(day)}</h3>
          <ul>
            {tasks.map((task) => (
              <li key={task.key} className="hairline flex flex-wrap items-baseline gap-x-4 py-1.5 first:border-t-0">
                <span className="figure w-12">{hourWords(task.start)}</span>
                <span className={`min-w-52 ${task.critical ? 'font-semibold' : ''}`}>
                  <StepName task={task} />
                </span>
                <span className="text-soft">
                  {task.name} · {longWords(task.hands_until - task.start)}
                </span>
                {task.critical && <span className="text-sm">nothing may slip here</span>}
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

/** A step by its name; it leads to the page on which it is done, where there is one. */
function StepName({ task }: { task: WeekTask }) {
  const page = pageOf(task);
  return page ? (
    <Link to={page} className="inline-block py-1 underline underline-offset-4">
      {task.label} <span className="sr-only">of {task.name}</span>
    </Link>
  ) : (
    task.label
  );
}

function Done({ week }: { week: Week }) {
  const { outcome, mark } = useDone(week);
  const done = week.tasks.filter((task) => task.state === 'done' || task.state === 'running');
  if (done.length === 0) return null;
  return (
    <details className="mt-8">
      <summary className="cursor-pointer py-2 underline underline-offset-4">
        {done.length === 1 ? 'One step is done' : `${done.length} steps are done`}
      </summary>
      <ul>
        {done.map((task) => (
          <li key={task.key} className="hairline flex flex-wrap items-center gap-x-4 py-1">
            <span className="min-w-52">{task.label}</span>
            <span className="text-soft">
              {task.name}, {whenWords(task.hands_until, week.now)}
            </span>
            <button
              type="button"
              className="press press-quiet ml-auto text-sm"
              disabled={task.done.length === 0}
              onClick={() => mark(task, null)}
            >
              Not done after all <span className="sr-only">{task.label}</span>
            </button>
          </li>
        ))}
      </ul>
      <Pressed outcome={outcome} />
    </details>
  );
}
