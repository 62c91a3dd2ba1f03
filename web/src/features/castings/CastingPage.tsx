import { useSuspenseQuery } from '@tanstack/react-query';
import { Link, useParams, useSearchParams } from 'react-router';
import { defectWords, useHandbook, wordsFor, type CastingDetail, type FollowedSheet, type TrailAttempt } from '../../shared/api';
import { dayWords } from '../../shared/day';
import { CastingCost } from '../cost/index';
import { MouldSection } from '../mould-section/index';
import { SideBySide } from '../photos/index';
import { RecordTools } from '../record-tools/index';
import { Empty, RevisionMark } from '../../shared/ui/states';
import { VerdictMark, verdictWords } from '../../shared/ui/VerdictMark';
import { outcomeWords } from '../../shared/outcome';
import { castingQuery } from './queries';

/** A casting and its trail: attempt, change sheet, attempt; what was foretold and what came. */
export function CastingPage() {
  const { id = '' } = useParams();
  const [params] = useSearchParams();
  const before = Number(params.get('before')) || null;
  const casting = useSuspenseQuery(castingQuery(id, before)).data;
  const handbook = useHandbook();
  const shown = casting.trail.length < casting.attempts ? `, ${casting.trail.length} shown` : '';
  const good = casting.trail.filter((attempt) => attempt.verdict === 'good').length;
  return (
    <article>
      <div className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <p className="lettering">
            <Link to="/castings">Castings</Link>
          </p>
          <h1>{casting.name}</h1>
          <p className="mt-1 text-soft">
            {[
              wordsFor(handbook, 'purpose', casting.purpose),
              casting.wanted > 1 ? `${casting.wanted} wanted` : '',
              `${casting.attempts} ${casting.attempts === 1 ? 'attempt' : 'attempts'}${shown}, ${good} good`,
              casting.note,
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
        </div>
        <div className="flex flex-wrap gap-2">
          <Link to={`/castings/${casting.id}/plan`} className="press">
            Plan an attempt
          </Link>
          <Link to={`/log?casting=${casting.id}`} className="press press-molten">
            Log an attempt
          </Link>
        </div>
      </div>
      {casting.trail.length === 0 ? (
        <Empty title="No attempt yet.">
          <p>Log one you poured, even from memory: what you do not know stays blank.</p>
        </Empty>
      ) : (
        <>
          {casting.earlier !== null && (
            <p className="mt-4">
              <Link to={`/castings/${casting.id}?before=${casting.earlier}`} className="press">
                Earlier attempts, before no. {casting.earlier}
              </Link>
            </p>
          )}
          <ol className="trail mt-6" aria-label="Trail of attempts">
            {casting.trail.map((attempt) => (
              <Step key={attempt.id} attempt={attempt} />
            ))}
          </ol>
          <BySection casting={casting} />
          <SideBySide casting={casting.id} sectionName={(id) => casting.by_section.find((row) => row.section === id)?.label ?? id} />
          <CastingCost casting={casting.id} />
          <PatternChanges casting={casting} />
          {before !== null && (
            <p className="mt-4">
              <Link to={`/castings/${casting.id}`} className="press">
                To the latest attempts
              </Link>
            </p>
          )}
        </>
      )}
      <RecordTools
        part="casting"
        id={casting.id}
        label={casting.name}
        path={`/castings/${casting.id}`}
        name={casting.name}
        history={`castings/${casting.id}`}
        onGone="/castings"
      />
    </article>
  );
}

/** What each section showed, try by try: which place learnt and which did not. */
function BySection({ casting }: { casting: CastingDetail }) {
  const handbook = useHandbook();
  const first = casting.by_section[0];
  if (!first) return null;
  return (
    <section className="mt-8" aria-label="Section by section">
      <h2>Section by section</h2>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Faults of each section, try by try">
        <table className="rule mt-1 w-full text-left">
          <thead>
            <tr className="lettering">
              <th className="py-1 pr-4 font-medium">Section</th>
              {first.tries.map((attempt) => (
                <th key={attempt.number} className="py-1 pr-4 font-medium">
                  No. {attempt.number}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {casting.by_section.map((row) => (
              <tr key={row.section} className="hairline align-baseline">
                <th scope="row" className="py-1.5 pr-4 font-semibold">
                  {row.label || row.section}
                </th>
                {row.tries.map((attempt) => (
                  <td key={attempt.number} className={`py-1.5 pr-4 ${attempt.faults.length > 0 ? '' : 'text-soft'}`}>
                    {attempt.faults.length > 0
                      ? attempt.faults.map((kind) => defectWords(handbook, kind)).join(', ')
                      : attempt.judged
                        ? 'nothing'
                        : 'not judged'}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** A changed pattern is changed for every try after it. */
function PatternChanges({ casting }: { casting: CastingDetail }) {
  if (casting.pattern_changes.length === 0) return null;
  return (
    <section className="mt-8" aria-label="What was changed about the pattern">
      <h2>What was changed about the pattern</h2>
      <ul className="rule mt-1">
        {casting.pattern_changes.map((row) => (
          <li key={`${row.number} ${row.label}`} className="hairline py-1.5 first:border-t-0">
            From no. {row.number} on: <strong>{row.label}</strong> <span className="text-soft">({row.words})</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Step({ attempt }: { attempt: TrailAttempt }) {
  const handbook = useHandbook();
  return (
    <>
      {attempt.sheet && <SheetBetween sheet={attempt.sheet} />}
      <li className="trail-step">
        <span className="trail-mark">
          <VerdictMark state={attempt.state} verdict={attempt.verdict} size={44} />
        </span>
        <div className="grid min-w-0 flex-1 gap-x-8 pb-6 lg:grid-cols-[1fr_30rem]">
          <div className="min-w-0">
            <div className="flex flex-wrap items-baseline gap-x-4">
              <Link to={`/attempts/${attempt.id}`} className="figure text-2xl">
                No. {attempt.number}
              </Link>
              {attempt.name && <span className="text-lg">{attempt.name}</span>}
              <span className="figure text-lg">{verdictWords(attempt.state, attempt.verdict)}</span>
              <span className="text-soft">{attempt.poured_on ? dayWords(attempt.poured_on) : 'not poured yet'}</span>
            </div>
            <p className="mt-1">{[attempt.process_label, attempt.alloy_label, attempt.pour_temperature].filter(Boolean).join(' · ')}</p>
            {attempt.findings.length > 0 && (
              <p className="mt-1">
                <span className="text-soft">Found: </span>
                {attempt.findings.map((finding) => defectWords(handbook, finding.kind)).join(', ')}
              </p>
            )}
            {attempt.note && <p className="mt-1 max-w-prose text-soft italic">“{attempt.note}”</p>}
            <p className="mt-2 flex flex-wrap gap-2">
              {attempt.state === 'planned' ? (
                <>
                  <Link to={`/attempts/${attempt.id}/plan`} className="press">
                    Plan
                  </Link>
                  <Link to={`/attempts/${attempt.id}/log`} className="press press-molten">
                    Log the pour
                  </Link>
                </>
              ) : (
                <>
                  <Link to={`/attempts/${attempt.id}/why`} className="press">
                    Why
                  </Link>
                  <Link to={`/attempts/${attempt.id}/changes`} className="press">
                    Change sheet
                  </Link>
                </>
              )}
            </p>
          </div>
          <Link
            to={`/attempts/${attempt.id}`}
            className="mt-2 block min-w-0 self-start no-underline hover:bg-wash"
            // The number above leads to the same place; the drawing is for the eye.
            aria-hidden="true"
            tabIndex={-1}
          >
            {attempt.section ? (
              <MouldSection section={attempt.section} findings={attempt.findings} most={190} bare />
            ) : (
              <p className="text-soft">This one cannot be drawn; it is reported to us.</p>
            )}
          </Link>
        </div>
      </li>
    </>
  );
}

/** The change sheet between two attempts, with a revision triangle, as on a drawing. */
function SheetBetween({ sheet }: { sheet: FollowedSheet }) {
  const handbook = useHandbook();
  return (
    <li className="trail-sheet">
      <span className="trail-mark">
        <RevisionMark title="Change sheet" />
      </span>
      <div className="flex-1 border-l-2 border-molten py-1 pl-4">
        <ul>
          {sheet.changes.map((change) => (
            <li key={change.remedy}>
              <span className="font-semibold">{change.label}</span>
              {change.field && (
                <span className="text-soft">
                  {' '}
                  {change.field_label?.toLowerCase()} <s>{change.old}</s> → <span className="figure text-ink">{change.new}</span>
                </span>
              )}
            </li>
          ))}
          {sheet.own.map((own) => (
            <li key={own.id}>
              <span className="font-semibold">{own.words}</span> <span className="text-soft">of your own</span>
              {own.against && (
                <span className="text-soft">
                  , against {defectWords(handbook, own.against).toLowerCase()}:{' '}
                  <span className="figure text-ink">{own.found ? outcomeWords(own.found) : 'not known yet'}</span>
                </span>
              )}
            </li>
          ))}
          {sheet.changes.length === 0 && sheet.own.length === 0 && <li className="text-soft">Poured again with nothing changed.</li>}
        </ul>
        {sheet.predictions.length > 0 && (
          <table className="mt-2">
            <caption className="sr-only">Predictions and what came of them</caption>
            <tbody>
              {sheet.predictions.map((prediction) => {
                const score = sheet.scores.find((row) => row.defect === prediction.defect);
                return (
                  <tr key={prediction.defect} className="flex flex-wrap items-baseline py-0.5 sm:table-row">
                    <th scope="row" className="w-full pr-4 text-left font-semibold sm:w-auto sm:font-normal">
                      {defectWords(handbook, prediction.defect)}
                    </th>
                    <td className="pr-4 text-soft">
                      foretold <span className="figure text-ink">{outcomeWords(prediction.expected)}</span> (
                      {Math.round(prediction.before * 100)} → {Math.round(prediction.after * 100)} %)
                    </td>
                    <td>
                      {score ? (
                        <Held held={score.held} words={outcomeWords(score.found)} />
                      ) : (
                        <span className="text-soft">not known yet</span>
                      )}
                    </td>
                  </tr>
                );
              })}
              {sheet.scores
                .filter((score) => score.expected === null)
                .map((score) => (
                  <tr key={score.defect} className="flex flex-wrap items-baseline py-0.5 sm:table-row">
                    <th scope="row" className="w-full pr-4 text-left font-semibold sm:w-auto sm:font-normal">
                      {defectWords(handbook, score.defect)}
                    </th>
                    <td className="pr-4 text-soft">not foretold</td>
                    <td>
                      <Held held={false} words="came up new" />
                    </td>
                  </tr>
                ))}
            </tbody>
          </table>
        )}
      </div>
    </li>
  );
}

function Held({ held, words }: { held: boolean; words: string }) {
  return (
    <span className="inline-flex items-center gap-1.5">
      <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
        <path d={held ? 'M2 7.5l3.5 3.5L12 3' : 'M3 3l8 8M11 3l-8 8'} fill="none" stroke="currentColor" strokeWidth="2.2" />
      </svg>
      <span className="figure">{words}</span>
      <span className="text-soft">{held ? 'as foretold' : words === 'came up new' ? '' : 'not as foretold'}</span>
    </span>
  );
}
