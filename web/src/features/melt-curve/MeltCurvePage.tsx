import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { ProblemError, type Curve } from '../../shared/api';
import { useChange, type Plain } from '../../shared/record';
import { clockWords, dayWords } from '../../shared/day';
import { OpenWorking } from '../../shared/ui/OpenWorking';
import { Pressed } from '../../shared/ui/Pressed';
import { StandingMark } from '../../shared/ui/StandingMark';
import { Failed, Loading } from '../../shared/ui/states';
import { useSaving } from '../../shared/ui/useSaving';
import { CurvePlot } from './CurvePlot';
import { tableOf, timeWords } from './model';
import { curveQuery, useImport, type Part } from './queries';

/** What is large at the top, as far as there are three of them: while it runs what is now, afterwards what it came to. */
const LARGE = ['hot_now', 'to_target', 'heating_rate', 'hottest', 'energy_read'];
const largeOf = (curve: Curve) => LARGE.flatMap((code) => curve.figures.find((figure) => figure.code === code) ?? []).slice(0, 3);
const MOST_ROWS = 60;

/** The curve of a melt while it runs and after: how hot, how long still, what metal it is, and what of it is worth writing down. */
export function MeltCurvePage() {
  const { id = '' } = useParams();
  const client = useQueryClient();
  const [part, setPart] = useState<Part | null>(null);
  const [shown, setShown] = useState<Part | null>(null);
  const query = useQuery(curveQuery(client, id, part));
  const doing = useDoing(query.data, () => void client.invalidateQueries({ queryKey: ['heats', id] }));
  if (query.isPending) return <Loading />;
  if (query.isError) return <Failed error={query.error} retry={() => void query.refetch()} />;
  const curve = query.data;
  const simulated = curve.series.some((one) => one.simulated);
  return (
    <article>
      <header>
        <p className="lettering">
          {curve.attempts.map((attempt) => (
            <Link key={attempt.id} to={`/attempts/${attempt.id}`} className="mr-4">
              {attempt.casting_name}, no. {attempt.number}
            </Link>
          ))}
        </p>
        <h1>Melt curve</h1>
        <p className="text-soft">
          {[curve.metal, curve.name, curve.melted_on && dayWords(curve.melted_on)].filter(Boolean).join(' · ') ||
            'A melt without a metal yet'}
        </p>
      </header>
      {simulated && (
        <p className="caution mt-3" role="note">
          <strong>Simulated.</strong> A program made these readings up; no metal was measured.
        </p>
      )}
      <Pressed outcome={doing.outcome} />
      <Large curve={curve} />
      {curve.series.length === 0 ? (
        <p className="rule mt-4 pt-3 text-lg">
          Nothing has been read of this melt yet. Listen to an instrument below, read a file, or tap temperatures on the pour day: they all
          come to stand here.
        </p>
      ) : (
        <CurvePlot curve={curve} onShown={setShown} />
      )}
      <div className="grid gap-x-10 lg:grid-cols-2">
        <Scrap curve={curve} part={part} shown={shown} onPart={setPart} />
        <Says curve={curve} />
        <Take curve={curve} doing={doing} />
        <Listens curve={curve} doing={doing} />
      </div>
      <Files id={id} curve={curve} />
      <Table curve={curve} />
    </article>
  );
}

type Doing = ReturnType<typeof useDoing>;

function useDoing(curve: Curve | undefined, after: () => void) {
  const change = useChange();
  const { outcome, run } = useSaving();
  const set = (part: 'heat' | 'attempt', id: string, field: string, was: Plain, to: Plain) =>
    void run(async () => {
      const done = await change({
        label: 'Melt curve',
        path: `/heats/${curve?.id ?? ''}/curve`,
        changes: [{ part, id, set: { [field]: { was, to } } }],
      });
      after();
      return done;
    });
  return { outcome, set };
}

function Large({ curve }: { curve: Curve }) {
  const figures = largeOf(curve);
  if (figures.length === 0) return null;
  return (
    <section className="mt-4 grid gap-3 border-2 border-ink p-3 sm:grid-cols-3" aria-label="Now" aria-live="off">
      {figures.map((figure) => (
        <div key={figure.code} data-figure={figure.code}>
          <p>
            <span className="lettering block">{figure.label}</span>
            <span className="figure text-4xl leading-tight">{figure.shown}</span>
          </p>
          {figure.note && <p className="text-sm text-soft">{figure.note}</p>}
          <OpenWorking working={figure.working} />
        </div>
      ))}
    </section>
  );
}

/** Which metal it is, by where it stood still as it cooled. */
function Scrap({
  curve,
  part,
  shown,
  onPart,
}: {
  curve: Curve;
  part: Part | null;
  shown: Part | null;
  onPart: (part: Part | null) => void;
}) {
  const { scrap } = curve;
  const missing = curve.missing.find((one) => one.for === 'upper_arrest');
  return (
    <section className="mt-6" aria-label="Which metal it is" data-verdict={scrap?.verdict}>
      <h2 className="double-ruled">Which metal it is</h2>
      {scrap ? (
        <>
          <p className="mt-2 text-xl font-semibold">{scrap.words}</p>
          {scrap.written && <p className="mt-1 font-semibold">{scrap.written}</p>}
          {scrap.alloys.length > 0 && (
            <table className="mt-2 w-full">
              <thead>
                <tr className="text-left text-sm text-soft">
                  <th className="font-normal">Alloy</th>
                  <th className="font-normal">of a hundred</th>
                  <th className="font-normal">off by</th>
                </tr>
              </thead>
              <tbody>
                {scrap.alloys.map((alloy) => (
                  <tr key={alloy.code} className="hairline" data-alloy={alloy.code}>
                    <th scope="row" className="py-1.5 text-left font-normal">
                      {alloy.name}
                      {!alloy.fits && <span className="text-soft">, too far off</span>}
                    </th>
                    <td className="figure py-1.5">{Math.round(100 * alloy.share)}</td>
                    <td className="figure py-1.5">{alloy.off}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </>
      ) : (
        <p className="mt-2">
          Pour a cup of the melt, put the probe in and let it cool until it is solid: where it stands still tells which metal it is.
        </p>
      )}
      {missing && <p className="mt-1 text-soft">{missing.words}</p>}
      <p className="mt-2 flex flex-wrap gap-2">
        {shown && (
          <button type="button" className="press" onClick={() => onPart(shown)}>
            Look only at what is shown
          </button>
        )}
        {part && (
          <button type="button" className="press press-quiet" onClick={() => onPart(null)}>
            Look at all of it
          </button>
        )}
      </p>
    </section>
  );
}

function Says({ curve }: { curve: Curve }) {
  const large = largeOf(curve);
  const figures = curve.figures.filter((figure) => !large.includes(figure));
  const missing = curve.missing.filter((one) => one.for !== 'upper_arrest');
  if (figures.length === 0 && missing.length === 0) return null;
  return (
    <section className="mt-6" aria-label="What it says">
      <h2 className="double-ruled">What it says</h2>
      <ul>
        {figures.map((figure) => (
          <li key={`${figure.code} ${figure.subject}`} className="hairline py-1.5 first:border-t-0" data-figure={figure.code}>
            <div className="flex items-baseline justify-between gap-4">
              <span>
                <StandingMark standing={figure.standing} /> {figure.label}
              </span>
              <span className="figure text-right text-lg whitespace-nowrap">{figure.shown}</span>
            </div>
            {figure.note && <p className="text-sm font-semibold">{figure.note}</p>}
            <OpenWorking working={figure.working} />
          </li>
        ))}
      </ul>
      {missing.map((one) => (
        <p key={one.words} className="hairline py-2 text-soft">
          {one.words}
        </p>
      ))}
    </section>
  );
}

/** What was measured for the record. It is never written by itself: only who was there knows whether the probe was in the melt. */
function Take({ curve, doing }: { curve: Curve; doing: Doing }) {
  const open = curve.take.filter((one) => one.had !== one.shown);
  if (open.length === 0) return null;
  return (
    <section className="mt-6" aria-label="Worth writing down">
      <h2 className="double-ruled">Worth writing down</h2>
      <ul>
        {open.map((one) => (
          <li
            key={`${one.id} ${one.field}`}
            className="hairline flex flex-wrap items-center justify-between gap-3 py-2 first:border-t-0"
            data-take={one.field}
          >
            <span>
              {one.label} <span className="figure text-lg">{one.shown}</span>
              {one.had && <span className="block text-sm text-soft">{one.had} is written</span>}
            </span>
            <button
              type="button"
              className="press"
              onClick={() => doing.set(one.part, one.id, one.field, (one.was ?? null) as Plain, one.raw as Plain)}
            >
              {one.had ? 'Write this instead' : 'Write it down'}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Listens({ curve, doing }: { curve: Curve; doing: Doing }) {
  const plain = (from: number, to: number | null): Plain => ({ from: from.toFixed(1), to: to === null ? null : to.toFixed(1) });
  const listen = (instrument: Curve['others'][number]) =>
    doing.set(
      'heat',
      curve.id,
      `listens.${instrument.id}`,
      null,
      // Pressed late, it still has the run from its beginning.
      plain(Math.max(instrument.running_since ?? curve.now, curve.now - 12 * 3600), null),
    );
  return (
    <section className="mt-6" aria-label="Instruments">
      <h2 className="double-ruled">Instruments</h2>
      <ul>
        {curve.listens.map((one) => (
          <li key={one.id} className="hairline flex flex-wrap items-center justify-between gap-3 py-2 first:border-t-0">
            <span>
              <span className="font-semibold">{one.name}</span> {one.simulated && <span className="lettering">simulated</span>}
              <span className="block text-sm text-soft">
                {one.kind_label}, {clockWords(one.from)} {one.to === null ? 'on' : `to ${clockWords(one.to)}`}
                {one.last.map((read) => `, ${read.shown}`)}
              </span>
            </span>
            <span className="flex gap-2">
              {one.to === null && (
                <button
                  type="button"
                  className="press"
                  onClick={() => doing.set('heat', curve.id, `listens.${one.id}`, plain(one.from, null), plain(one.from, curve.now))}
                >
                  Stop here
                </button>
              )}
              <button
                type="button"
                className="press press-quiet"
                onClick={() => doing.set('heat', curve.id, `listens.${one.id}`, plain(one.from, one.to), null)}
              >
                Not of this melt
              </button>
            </span>
          </li>
        ))}
        {curve.others.map((one) => (
          <li key={one.id} className="hairline flex flex-wrap items-center justify-between gap-3 py-2 first:border-t-0">
            <span>
              {one.name} {one.simulated && <span className="lettering">simulated</span>}
              <span className="block text-sm text-soft">
                {one.kind_label}
                {one.last.length > 0 ? one.last.map((read) => `, ${read.shown}`) : ', has read nothing yet'}
                {one.running_since !== null && `, running since ${clockWords(one.running_since)}`}
              </span>
            </span>
            <button type="button" className="press press-molten" onClick={() => listen(one)}>
              Listen to it
            </button>
          </li>
        ))}
      </ul>
      {curve.listens.length + curve.others.length === 0 && <p className="mt-2">No instrument is connected yet.</p>}
      <p className="mt-2">
        <Link to="/workshop#instruments" className="underline">
          Connect one in the workshop
        </Link>
      </p>
    </section>
  );
}

function Files({ id, curve }: { id: string; curve: Curve }) {
  const file = useImport(id);
  return (
    <section className="mt-6" aria-label="Files">
      <h2 className="double-ruled">Files</h2>
      <p className="mt-2 flex flex-wrap items-center gap-3">
        {curve.series.length > 0 && (
          <a className="press" href={`/api/heats/${id}/curve.csv`} download>
            Save the readings as CSV
          </a>
        )}
        <label className="press">
          Read a CSV file
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            className="sr-only"
            onChange={(event) => {
              const chosen = event.target.files?.[0];
              if (chosen) file.mutate(chosen);
              event.target.value = '';
            }}
          />
        </label>
        <span className="text-soft">Lines of time, value, unit. What is there already is not doubled.</span>
      </p>
      <div aria-live="polite">
        {file.isPending && <p className="mt-1">Reading…</p>}
        {file.data && (
          <p className="mt-1">
            {file.data.accepted} readings were taken
            {file.data.refused.length > 0 && `; some lines could not be read: ${file.data.refused[0]?.message ?? ''}`}.
          </p>
        )}
        {file.isError && (
          <p role="alert" className="mt-1 font-semibold text-molten">
            {file.error instanceof ProblemError
              ? (file.error.problem.problems[0]?.message ?? file.error.problem.title)
              : 'It could not be sent.'}
          </p>
        )}
      </div>
    </section>
  );
}

function Table({ curve }: { curve: Curve }) {
  const series = curve.series.filter((one) => one.at.length > 0);
  const rows = tableOf(series, MOST_ROWS);
  if (rows.length === 0) return null;
  return (
    <details className="mt-6">
      <summary className="press press-quiet -ml-2 cursor-pointer">The same as a table</summary>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Readings as a table">
        <table className="mt-2">
          <thead>
            <tr className="text-left text-sm text-soft">
              <th className="pr-6 font-normal">Time</th>
              {series.map((one) => (
                <th key={`${one.instrument} ${one.quantity}`} className="pr-6 font-normal">
                  {one.name}, {one.unit}
                  {one.simulated && ' (simulated)'}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.at} className="hairline">
                <th scope="row" className="figure py-1 pr-6 text-left font-normal">
                  {timeWords(row.at)}
                </th>
                {row.values.map((value, index) => (
                  <td key={index} className="figure py-1 pr-6">
                    {value ?? ''}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
