import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { fieldMessages, type Heap, type HeapEntry, type HeapMeasure, type Mending } from '../../shared/api';
import { clockWords } from '../../shared/day';
import { useChange } from '../../shared/record';
import { Dialog } from '../../shared/ui/Dialog';
import { OpenWorking } from '../../shared/ui/OpenWorking';
import { Pressed } from '../../shared/ui/Pressed';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { StandingMark } from '../../shared/ui/StandingMark';
import { Failed, Loading } from '../../shared/ui/states';
import { isKept, useSaving } from '../../shared/ui/useSaving';
import { VerdictMark } from '../../shared/ui/VerdictMark';
import { Book } from '../things/index';
import { MixedInForm, TestForm } from './EntryForm';
import { HeapFigure } from './HeapFigure';
import { HeapForm } from './HeapForm';
import { mixedIn, spanOf } from './model';
import { heapQuery, useMending, type Targets } from './queries';
import { TrendStrip, TrendTable } from './TrendStrip';

type Open = 'test' | 'mixed' | 'heap' | null;

/** One heap: what it is good for today, what to put on the scale, how it went, and what was poured of it. */
export function HeapPage() {
  const { id = '' } = useParams();
  const query = useQuery(heapQuery(id));
  const [open, setOpen] = useState<Open>(null);
  const [offered, setOffered] = useState<Record<string, string>>({});
  const change = useChange();
  const navigate = useNavigate();
  const { outcome, run } = useSaving();
  if (query.isPending) return <Loading />;
  if (query.isError) return <Failed error={query.error} retry={() => void query.refetch()} />;
  const heap = query.data;
  const begun = heap.columns['begun_on'];
  const bin = () =>
    run(() =>
      change({
        label: heap.line.name,
        path: `/workshop/heaps/${id}`,
        changes: [{ part: 'workshop_row', id, set: { binned: { was: false, to: true } } }],
      }),
    );
  return (
    <article>
      <p className="lettering">
        <Link to="/workshop#heaps">Sand heaps</Link>
      </p>
      <h1>{heap.line.name}</h1>
      <p className="text-soft">
        {[heap.line.kind_label, heap.line.mass, begun && `mixed ${begun.shown}`, pourWords(heap.line.pours)].filter(Boolean).join(' · ')}
      </p>
      <p className="mt-3 flex gap-2 text-xl font-semibold" data-standing={heap.line.standing}>
        <StandingMark standing={heap.line.standing} />
        <span>{heap.line.sentence}</span>
      </p>
      <p className="mt-3 flex flex-wrap gap-3">
        <button type="button" className="press press-molten min-h-14 px-6 text-lg" onClick={() => setOpen('test')}>
          Test it
        </button>
        <button
          type="button"
          className="press min-h-14"
          onClick={() => {
            setOffered({});
            setOpen('mixed');
          }}
        >
          Mixed in, or taken out
        </button>
        <button type="button" className="press press-quiet min-h-14" onClick={() => setOpen('heap')}>
          Kind, mass, recipe
        </button>
      </p>
      <Pressed outcome={outcome} />
      <div className="mt-5 grid gap-x-10 gap-y-6 lg:grid-cols-[20rem_1fr]">
        <Stands heap={heap} />
        <WhatToAdd
          heap={heap}
          onMixed={(masses) => {
            setOffered(masses);
            setOpen('mixed');
          }}
        />
      </div>
      <Measures heap={heap} />
      {heap.sieve && <Spread sieve={heap.sieve} />}
      <Pours heap={heap} />
      <Book
        lines={heap.entries}
        of={heap.line.name}
        path={`/workshop/heaps/${id}`}
        words={(entry) => [...entry.found, ...told(entry)].join('; ')}
      />
      <p className="mt-8 border-t border-ink pt-3">
        <button
          type="button"
          className="press press-quiet"
          onClick={() =>
            void bin().then((done) => {
              if (isKept(done)) void navigate('/workshop');
            })
          }
        >
          Put this heap into the bin
        </button>
      </p>
      <Dialog open={open === 'test'} onClose={() => setOpen(null)} title={`Test ${heap.line.name}`}>
        <TestForm heap={heap} onDone={() => setOpen(null)} />
      </Dialog>
      <Dialog open={open === 'mixed'} onClose={() => setOpen(null)} title="Mixed in, or taken out">
        <MixedInForm heap={heap} offered={offered} onDone={() => setOpen(null)} />
      </Dialog>
      <Dialog open={open === 'heap'} onClose={() => setOpen(null)} title={heap.line.name}>
        <HeapForm heap={heap} onDone={() => setOpen(null)} />
      </Dialog>
    </article>
  );
}

const pourWords = (pours: number) => (pours === 0 ? 'not poured yet' : pours === 1 ? 'one pour' : `${pours} pours`);

function Stands({ heap }: { heap: Heap }) {
  return (
    <section aria-label="How it stands">
      <HeapFigure name={heap.line.name} burnt={heap.line.burnt} moisture={heap.line.moisture} />
      {[heap.burnt, heap.pours_left].map(
        (figure) =>
          figure && (
            <div key={figure.code} className="hairline mt-2 pt-1" data-figure={figure.code}>
              <p className="flex gap-2">
                <StandingMark standing={figure.standing} />
                <span>
                  <span className="lettering">{figure.label}</span> <span className="figure text-xl">{figure.working.result}</span>
                </span>
              </p>
              {figure.note && <p className="text-sm text-soft">{figure.note}</p>}
              <OpenWorking working={figure.working} />
            </div>
          ),
      )}
    </section>
  );
}

const WANTED: readonly { key: keyof Targets; label: string; example: string }[] = [
  { key: 'moisture', label: 'Moisture', example: '3.5 %' },
  { key: 'compactability', label: 'Compactability', example: '46 %' },
  { key: 'clay', label: 'Live clay', example: '8 %' },
  { key: 'burnt', label: 'Burnt, at most', example: '10 %' },
];

/** By mass on the scale, in the order of mixing; to the heap's own recipe, or to what is typed. */
function WhatToAdd({ heap, onMixed }: { heap: Heap; onMixed: (masses: Record<string, string>) => void }) {
  const mend = useMending(heap.line.id);
  const [wanted, setWanted] = useState<Targets>({});
  const mending: Mending | null = mend.data ?? heap.mending;
  const messages = fieldMessages(mend.error);
  if (!mending) return null;
  const asked = WANTED.filter(({ key }) => key === 'burnt' || heap.measures.some((one) => one.code === key && one.band !== null));
  return (
    <section aria-label="What to add">
      <h2 className="double-ruled">What to add</h2>
      <p className="mt-2 text-lg">{mending.words}</p>
      {mending.doubt && (
        <p className="caution mt-2" role="note">
          <span>{mending.doubt}</span>
        </p>
      )}
      {mending.lines.length > 0 && (
        <>
          <ol className="mt-2">
            {mending.lines.map((line, index) => (
              <li key={`${line.code} ${index}`} className="hairline py-2" data-add={line.code}>
                <p className="flex flex-wrap items-baseline gap-x-4">
                  <span className="w-6 text-soft">{index + 1}</span>
                  <span className="w-28 font-semibold">{line.figure.label}</span>
                  <span className="figure text-2xl">{line.figure.shown}</span>
                </p>
                <p className="pl-10 text-soft">{line.how}</p>
                <div className="pl-10">
                  <OpenWorking working={line.figure.working} />
                </div>
              </li>
            ))}
          </ol>
          <button type="button" className="press mt-2 min-h-14" onClick={() => onMixed(mixedIn(mending))}>
            I mixed it in
          </button>
        </>
      )}
      <details className="mt-3">
        <summary className="cursor-pointer py-2 underline underline-offset-4">Bring it to something else</summary>
        <form
          noValidate
          className="grid grid-cols-2 items-start gap-4 sm:grid-cols-4"
          onSubmit={(event) => {
            event.preventDefault();
            mend.mutate(Object.fromEntries(Object.entries(wanted).filter(([, text]) => String(text).trim() !== '')));
          }}
        >
          {asked.map(({ key, label, example }) => (
            <SmallEntry
              key={key}
              label={label}
              width=""
              value={wanted[key] ?? ''}
              example={example}
              onChange={(text) => setWanted({ ...wanted, [key]: text })}
              error={messages[`/${key}`]}
            />
          ))}
          <button type="submit" className="press col-span-full justify-self-start" disabled={mend.isPending}>
            Work it out
          </button>
        </form>
        {mend.isError && Object.keys(messages).length === 0 && <Failed error={mend.error} />}
      </details>
    </section>
  );
}

function Measures({ heap }: { heap: Heap }) {
  const span = spanOf(heap);
  const first = heap.measures.filter((one) => one.trend.length > 0);
  const never = heap.measures.filter((one) => one.trend.length === 0 && one.band !== null);
  return (
    <section className="mt-8" aria-label="How it went">
      <h2 className="double-ruled">How it went</h2>
      {first.length > 0 && (
        <p className="mt-2 text-sm text-soft">
          Dots are tests with their spread, the line is what follows from them; the shaded band is what is wanted. Along the foot: pours as
          ticks, what was mixed in as triangles. From {clockWords(span.from)} until now.
        </p>
      )}
      <div className="mt-2 grid gap-x-10 gap-y-5 lg:grid-cols-2">
        {first.map((measure) => (
          <div key={measure.code} data-trend={measure.code}>
            <Reading measure={measure} />
            <TrendStrip measure={measure} heap={heap} span={span} />
            <TrendTable measure={measure} />
          </div>
        ))}
      </div>
      {never.length > 0 && (
        <p className="mt-3">
          <span className="lettering">Never measured</span> {never.map((one) => one.label.toLowerCase()).join(', ')}.
        </p>
      )}
    </section>
  );
}

function Reading({ measure }: { measure: HeapMeasure }) {
  return (
    <p className="flex flex-wrap items-baseline gap-x-3">
      <StandingMark standing={measure.standing} />
      <span className="font-semibold">{measure.label}</span>
      <span className="figure text-lg">{measure.shown ?? 'not known'}</span>
      <span className="text-sm text-soft">
        {[
          measure.old ? `as of ${measure.at === null ? 'long ago' : clockWords(measure.at)}` : '',
          measure.band && `${measure.band.shown} wanted`,
        ]
          .filter(Boolean)
          .join('; ')}
      </span>
      {measure.due?.now && <span className="text-sm font-semibold">due: {measure.due.words}</span>}
    </p>
  );
}

function Spread({ sieve }: { sieve: NonNullable<Heap['sieve']> }) {
  const most = Math.max(...sieve.sieves.map((one) => one.share), 1);
  return (
    <section className="mt-8" aria-label="Grains">
      <h2 className="double-ruled">Grains</h2>
      <p className="mt-2">
        Grain fineness number <span className="figure text-lg">{sieve.fineness}</span>, {clockWords(sieve.at)}. {sieve.words}
      </p>
      <ol className="mt-2 grid grid-cols-12 items-end gap-1" aria-label="Share on each sieve">
        {sieve.sieves.map((one) => (
          <li key={one.mesh} className="text-center text-sm">
            <span className="block">{one.share > 0 ? `${Math.round(one.share)}` : ''}</span>
            <span className="block bg-ink" style={{ height: `${(90 * one.share) / most}px` }} aria-hidden="true" />
            <span className="block border-t border-ink pt-1">{one.mesh}</span>
            <span className="sr-only">sieve, {one.share} per cent</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function Pours({ heap }: { heap: Heap }) {
  if (heap.pours.length === 0)
    return (
      <section className="mt-8" aria-label="Poured of it">
        <h2 className="double-ruled">Poured of it</h2>
        <p className="mt-2 text-soft">
          Nothing yet. Name this heap in the record of a mould: then it takes its state that day, and adds its wear.
        </p>
      </section>
    );
  return (
    <section className="mt-8" aria-label="Poured of it">
      <h2 className="double-ruled">Poured of it</h2>
      {heap.looked_back.map((words) => (
        <p key={words} className="mt-2">
          {words}
        </p>
      ))}
      <ul className="mt-2">
        {heap.pours.map((pour) => (
          <li key={pour.attempt_id} className="hairline flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
            <VerdictMark state={pour.verdict === null ? 'poured' : 'judged'} verdict={pour.verdict} size={26} />
            <Link to={`/attempts/${pour.attempt_id}`} className="min-w-48 py-2 font-semibold">
              {pour.name}, no. {pour.number}
            </Link>
            <span className="text-soft">{clockWords(pour.at).split(',')[0]}</span>
            <span className="text-sm">{pour.state}</span>
            {pour.burnt && <span className="text-sm">burnt {pour.burnt}</span>}
            {pour.sand_defects.length > 0 && <span className="font-semibold">{pour.sand_defects.join(', ')}</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}

const ADDED: Record<string, string> = {
  water: 'water',
  clay: 'clay',
  sand: 'new sand',
  oil: 'oil',
  catalyst: 'catalyst',
  burnt_out: 'burnt sand out',
  taken_out: 'mixed sand out',
};

/** What an entry says besides what it came to: masses mixed in, the squeeze, the note. */
function told(entry: HeapEntry): string[] {
  const words =
    entry.kind === 'sand_addition' ? Object.entries(ADDED).map(([key, name]) => [key, name] as const) : [['squeeze', 'squeeze:'] as const];
  return [
    ...words.flatMap(([key, name]) => {
      const shown = entry.columns[key]?.shown;
      return shown === undefined ? [] : [entry.kind === 'sand_addition' ? `${shown} ${name}` : `${name} ${shown.toLowerCase()}`];
    }),
    ...(entry.columns['note'] ? [`“${entry.columns['note'].shown}”`] : []),
  ];
}
