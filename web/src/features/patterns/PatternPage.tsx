import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { fieldMessages, useHandbook, type Pattern, type PatternEntry } from '../../shared/api';
import { dayWords } from '../../shared/day';
import { Dialog } from '../../shared/ui/Dialog';
import { OpenWorking } from '../../shared/ui/OpenWorking';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { StandingMark } from '../../shared/ui/StandingMark';
import { Failed, Loading } from '../../shared/ui/states';
import { VerdictMark } from '../../shared/ui/VerdictMark';
import { Book, columnOf, EntryForm } from '../things/index';
import { drawnScale, usesWords } from './model';
import { PatternFigure } from './PatternFigure';
import { PatternForm } from './PatternForm';
import { patternQuery } from './queries';

const ENTRIES = [
  { kind: 'pattern_look', press: 'Looked it over', title: 'What was found', once: null },
  { kind: 'pattern_repaired', press: 'Mended', title: 'What was mended', once: null },
  { kind: 'pattern_changed', press: 'Changed', title: 'What was changed', once: null },
  { kind: 'pattern_casting', press: 'Measured a casting', title: 'A casting of it, measured', once: null },
  { kind: 'pattern_made', press: 'Made more', title: 'How many were made', once: true },
  { kind: 'pattern_counted', press: 'Counted', title: 'How many there are', once: true },
  { kind: 'pattern_used', press: 'Used elsewhere', title: 'Used outside this notebook', once: false },
] as const;

/** One pattern or mould: whether the next mould may be made of it, how large each stage must be, and what its castings taught. */
export function PatternPage() {
  const { id = '' } = useParams();
  const query = useQuery(patternQuery(id, '', ''));
  const [open, setOpen] = useState<(typeof ENTRIES)[number]['kind'] | 'pattern' | null>(null);
  const navigate = useNavigate();
  if (query.isPending) return <Loading />;
  if (query.isError) return <Failed error={query.error} retry={() => void query.refetch()} />;
  const pattern = query.data;
  const { line } = pattern;
  const path = `/workshop/patterns/${id}`;
  const shown = (column: string) => pattern.columns[column]?.shown;
  const isUsedUp = line.left !== null;
  return (
    <article>
      <p className="lettering">
        <Link to="/workshop#patterns">Patterns and moulds</Link>
      </p>
      <h1>{line.name}</h1>
      <p className="text-soft">
        {[line.form_label, usesWords(line), shown('made_on') && `made ${shown('made_on') ?? ''}`, shown('note')]
          .filter(Boolean)
          .join(' · ')}
      </p>
      <div className="mt-3 flex flex-wrap items-center gap-x-6 gap-y-2">
        <PatternFigure line={line} />
        <div className="min-w-0 flex-1 basis-72" data-standing={line.standing}>
          {line.words.length === 0 ? (
            <p className="flex gap-2 text-xl font-semibold">
              {line.standing !== 'plain' && <StandingMark standing={line.standing} />}
              <span>{line.standing === 'plain' ? 'Not used yet.' : 'Nothing speaks against the next mould.'}</span>
            </p>
          ) : (
            line.words.map((words, index) => (
              <p key={words} className={`flex gap-2 ${index === 0 ? 'text-xl font-semibold' : 'mt-1'}`}>
                <StandingMark standing={index === 0 ? line.standing : 'risky'} />
                <span>{words}</span>
              </p>
            ))
          )}
          <p className="mt-2">
            {line.kept ? <strong>Kept: {line.kept}. </strong> : <span className="text-soft">Nobody said where it is kept. </span>}
            <span className="text-soft">{pattern.keep}</span>
          </p>
        </div>
      </div>
      <p className="mt-3 flex flex-wrap gap-3">
        {ENTRIES.filter((one) => one.once === null || one.once === isUsedUp).map((one) => (
          <button key={one.kind} type="button" className="press min-h-14" onClick={() => setOpen(one.kind)}>
            {one.press}
          </button>
        ))}
        <button type="button" className="press press-quiet min-h-14" onClick={() => setOpen('pattern')}>
          What it is, its edge, its place
        </button>
      </p>
      <Stages plain={pattern} here={id} />
      {pattern.uses_left && (
        <section className="mt-8" aria-label="Wear">
          <h2 className="double-ruled">Wear</h2>
          <p className="mt-2">
            <span className="figure text-xl">{pattern.uses_left.shown}</span> until it has worn by what it may.
          </p>
          <OpenWorking working={pattern.uses_left.working} />
        </section>
      )}
      <Moulds pattern={pattern} />
      <Learnt pattern={pattern} />
      {pattern.taken.length > 0 && (
        <p className="mt-6">
          <span className="lettering">Taken from it</span>{' '}
          {pattern.taken.map((one, index) => (
            <span key={one.id}>
              {index > 0 && ', '}
              <Link to={`/workshop/patterns/${one.id}`}>{one.name}</Link>
            </span>
          ))}
        </p>
      )}
      <Book lines={pattern.entries} of={line.name} path={path} words={told} />
      {ENTRIES.map((one) => (
        <Dialog key={one.kind} open={open === one.kind} onClose={() => setOpen(null)} title={one.title}>
          <EntryForm of={{ id, name: line.name }} kind={one.kind} path={path} words="Keep it" onDone={() => setOpen(null)} />
        </Dialog>
      ))}
      <Dialog open={open === 'pattern'} onClose={() => setOpen(null)} title={line.name}>
        <PatternForm
          pattern={pattern}
          onDone={(gone) => {
            setOpen(null);
            if (gone) void navigate('/workshop#patterns');
          }}
        />
      </Dialog>
    </article>
  );
}

/** From the first pattern down to the metal: each stage drawn as much larger as it must be, tenfold so that it can be seen. */
function Stages({ plain, here }: { plain: Pattern; here: string }) {
  const { alloys } = useHandbook();
  const [edge, setEdge] = useState('');
  const [asked, setAsked] = useState({ alloy: '', edge: '' });
  const query = useQuery({ ...patternQuery(here, asked.alloy, asked.edge), enabled: asked.alloy !== '' || asked.edge !== '' });
  // What cannot be read is said where it was typed; what was told before stays.
  const [told, setTold] = useState<Pattern | null>(null);
  if (query.data && query.data !== told) setTold(query.data);
  const pattern = query.data ?? told ?? plain;
  const messages = fieldMessages(query.error);
  const most = Math.max(...pattern.stages.map((stage) => drawnScale(stage.scale)), 1);
  const first = pattern.stages[0];
  return (
    <section className="mt-8" aria-label="From the first pattern to the metal">
      <h2 className="double-ruled">From the first pattern to the metal</h2>
      {first && (
        <p className="mt-2 text-lg">
          {first.size
            ? `For ${pattern.edge} on the casting, ${first.name} must measure ${first.size}.`
            : `${first.name} must be ${first.shown} times the casting.`}
        </p>
      )}
      {pattern.doubts.map((words) => (
        <p key={words} className="caution mt-2" role="note">
          <span>{words}</span>
        </p>
      ))}
      <form
        noValidate
        className="mt-2 flex flex-wrap items-end gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          setAsked({ ...asked, edge: edge.trim() });
        }}
      >
        <label className="block">
          <span className="block text-sm text-soft">Cast in</span>
          <select
            className="entry min-h-12 max-w-72"
            value={pattern.alloy}
            onChange={(event) => setAsked({ ...asked, alloy: event.target.value })}
          >
            {alloys.map((alloy) => (
              <option key={alloy.code} value={alloy.code}>
                {alloy.name}
              </option>
            ))}
          </select>
        </label>
        <SmallEntry
          label="An edge of the casting is to measure"
          width="w-56"
          value={edge}
          example="100 mm"
          onChange={setEdge}
          error={messages['/edge']}
        />
        <button type="submit" className="press min-h-12">
          Work it out
        </button>
      </form>
      <ol className="mt-3">
        {pattern.stages.map((stage) => (
          <li key={stage.id ?? 'metal'} className="hairline py-2 first:border-t-0" data-stage={stage.form}>
            <div className="grid items-center gap-x-6 gap-y-1 sm:grid-cols-[15rem_1fr]">
              <span
                aria-hidden="true"
                className={`block h-5 border-2 border-ink ${stage.id === null ? 'bg-molten' : 'bg-wash'}`}
                style={{ width: `${(100 * drawnScale(stage.scale)) / most}%` }}
              />
              <span>
                {stage.id === null || stage.id === here ? (
                  <strong>{stage.name}</strong>
                ) : (
                  <Link to={`/workshop/patterns/${stage.id}`} className="font-semibold">
                    {stage.name}
                  </Link>
                )}{' '}
                <span className="text-soft">{stage.form.toLowerCase()}</span>{' '}
                <span className="figure text-lg">{stage.size ?? `× ${stage.shown}`}</span>
                <span className="block text-sm text-soft">
                  {stage.step === null
                    ? 'the first'
                    : [
                        `${stage.step} smaller than the one before it, ${HOW[stage.how]}`,
                        ...(stage.size && stage.id !== null ? [`× ${stage.shown}`] : []),
                      ].join('; ')}
                </span>
              </span>
            </div>
            {stage.working && <OpenWorking working={stage.working} />}
          </li>
        ))}
      </ol>
      <p className="mt-1 text-sm text-soft">
        Measure the same edge on two stages, or on a casting, and the step between them is yours and no longer what is usual. The bars show
        what is added tenfold.
      </p>
    </section>
  );
}

const HOW = { measured: 'as you measured it', typed: 'as you said', usual: 'as is usual', first: '' } as const;

function Moulds({ pattern }: { pattern: Pattern }) {
  return (
    <section className="mt-8" aria-label="Cast from it">
      <h2 className="double-ruled">Cast from it</h2>
      {pattern.moulds.length === 0 ? (
        <p className="mt-2 text-soft">Nothing yet. Name it in the record of a pour: then its uses count by themselves.</p>
      ) : (
        <>
          {[pattern.tally, pattern.since_change].filter(Boolean).map((words) => (
            <p key={words} className="mt-2">
              {words}
            </p>
          ))}
          <ul className="mt-1">
            {pattern.moulds.map((mould) => (
              <li key={mould.attempt_id} className="hairline flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
                <VerdictMark
                  state={mould.poured_on === null ? 'planned' : mould.verdict === null ? 'poured' : 'judged'}
                  verdict={mould.verdict}
                  size={26}
                />
                <Link to={`/attempts/${mould.attempt_id}`} className="min-w-48 py-2 font-semibold">
                  {mould.name}, no. {mould.number}
                </Link>
                <span className="text-soft">
                  {[mould.poured_on === null ? 'planned' : dayWords(mould.poured_on), mould.metal].filter(Boolean).join(' · ')}
                </span>
                {mould.castings > 1 && <span className="text-sm">{mould.castings} castings</span>}
                {mould.found.length > 0 && <span className="font-semibold">{mould.found.join(', ')}</span>}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

/** What the castings asked to be changed about it; what is not poured with it yet is still to be done. */
function Learnt({ pattern }: { pattern: Pattern }) {
  if (pattern.learnt.length === 0) return null;
  return (
    <section className="mt-8" aria-label="What its castings taught">
      <h2 className="double-ruled">What its castings taught</h2>
      <ul className="mt-1">
        {pattern.learnt.map((one) => (
          <li key={`${one.attempt_id} ${one.label}`} className="hairline py-2 first:border-t-0">
            <strong>{one.label}</strong> {one.words && <span className="text-soft">({one.words})</span>}{' '}
            <span className="text-soft">
              after{' '}
              <Link to={`/attempts/${one.attempt_id}/changes`}>
                {one.name}, no. {one.number}
              </Link>
              {one.poured ? ', poured since' : ': to be done before the next mould'}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Counts and lengths are told with what they are of. */
function told(entry: PatternEntry): string {
  return Object.entries(entry.columns)
    .map(([key, { shown }]) => {
      const column = columnOf(entry.kind, key);
      return column.type === 'count' || column.type === 'quantity' ? `${column.label.toLowerCase()} ${shown}` : shown;
    })
    .join(' · ');
}
