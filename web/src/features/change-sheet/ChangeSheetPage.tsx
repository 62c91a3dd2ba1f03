import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { attemptQuery } from '../attempt/index';
import { v7 as freshId } from 'uuid';
import { Repeats } from '../repeats/index';
import { defectWords, useHandbook, type Attempt, type ChangeSheet, type Prediction, type Proposal } from '../../shared/api';
import { outcomeWords } from '../../shared/outcome';
import { StandingMark } from '../../shared/ui/StandingMark';
import { useChange, type Plain } from '../../shared/record';
import { PickOne } from '../../shared/ui/Pegs';
import { Pressed } from '../../shared/ui/Pressed';
import { RevisionMark } from '../../shared/ui/states';
import { TextEntry } from '../../shared/ui/TextEntry';
import { useSaving } from '../../shared/ui/useSaving';
import { sheetQuery } from './queries';

const EFFORT = ['', 'a moment', 'an evening', 'a new pattern'];

/** What the next attempt does differently, why, and what that should do: written down before pouring. */
export function ChangeSheetPage() {
  const { id = '' } = useParams();
  const attempt = useSuspenseQuery(attemptQuery(id)).data;
  const sheet = useSuspenseQuery(sheetQuery(id)).data;
  const navigate = useNavigate();
  const [fresh] = useState(() => freshId());
  const change = useChange();
  const { busy, outcome, run } = useSaving();
  const closed = sheet.next_id !== null;
  const accepted = sheet.proposals.filter((proposal) => proposal.accepted);
  const about = { label: `${attempt.casting_name}, no. ${attempt.number}: change sheet`, path: `/attempts/${id}/changes` };
  const set = (proposal: Proposal, on: boolean, own?: string) => {
    const was: Plain = proposal.accepted ? { new: proposal.new_raw as Plain } : null;
    const to: Plain = on ? (own === undefined ? true : { new: own }) : null;
    void run(() => change({ ...about, changes: [{ part: 'attempt', id, set: { [`sheet.${proposal.remedy}`]: { was, to } } }] }));
  };
  /** One way is taken whole: what it does not change comes off the sheet. */
  const take = (remedies: readonly string[]) => {
    const fields: Record<string, { was: Plain; to: Plain }> = {};
    for (const proposal of sheet.proposals) {
      const on = remedies.includes(proposal.remedy);
      if (on !== proposal.accepted)
        fields[`sheet.${proposal.remedy}`] = {
          was: proposal.accepted ? { new: proposal.new_raw as Plain } : null,
          to: on ? true : null,
        };
    }
    if (Object.keys(fields).length > 0) void run(() => change({ ...about, changes: [{ part: 'attempt', id, set: fields }] }));
  };
  const own = (row: string, was: Plain, to: Plain) =>
    void run(() => change({ ...about, changes: [{ part: 'attempt', id, set: { [`own.${row}`]: { was, to } } }] }));
  const start = () =>
    void run(() => change({ ...about, changes: [{ part: 'attempt', id: fresh, create: { after: id }, set: {} }] })).then(
      (next) => next?.state === 'done' && navigate(`/attempts/${fresh}`),
    );
  return (
    <article>
      <header className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <p className="lettering">
            <Link to={`/attempts/${id}`}>
              {attempt.casting_name}, no. {attempt.number}
            </Link>
          </p>
          <h1>
            <RevisionMark title="Change sheet" /> Change sheet {attempt.number} → {attempt.number + 1}
          </h1>
        </div>
        <Link to={`/attempts/${id}/why`} className="press">
          Why
        </Link>
      </header>
      <Pressed outcome={outcome} />
      <div className="mt-5 grid gap-x-10 gap-y-8 lg:grid-cols-[1fr_21rem]">
        <section aria-label="What can be changed">
          {!closed && <Repeats attempt={id} />}
          <Ways sheet={sheet} busy={busy} onTake={take} />
          <Proposals sheet={sheet} closed={closed} busy={busy} onSet={set} />
          <OwnChanges sheet={sheet} attempt={attempt} closed={closed} busy={busy} onSet={own} />
        </section>
        <aside className="content-start">
          <h2 className="double-ruled">{closed ? 'Foretold' : 'What this should do'}</h2>
          <Predictions predictions={sheet.predictions} />
          <Moves moves={sheet.moves} />
          <p className="mt-3 text-soft">{sheet.teaches}</p>
          <CheapTrial sheet={sheet} />
          {closed ? (
            <Link to={`/attempts/${sheet.next_id}`} className="press press-molten mt-4">
              To attempt {attempt.number + 1}
            </Link>
          ) : (
            <button type="button" className="press press-molten mt-4" disabled={busy} onClick={start}>
              {accepted.length === 0
                ? 'Repeat it unchanged'
                : `Start attempt ${attempt.number + 1} with ${accepted.length === 1 ? 'this change' : `these ${accepted.length} changes`}`}
            </button>
          )}
          {!closed && accepted.length > 0 && (
            <p className="mt-2 text-sm text-soft">The plan is copied with the changes in it, and these predictions stay as written.</p>
          )}
        </aside>
      </div>
    </article>
  );
}

function Proposals({
  sheet,
  closed,
  busy,
  onSet,
}: {
  sheet: ChangeSheet;
  closed: boolean;
  busy: boolean;
  onSet: (proposal: Proposal, on: boolean, own?: string) => void;
}) {
  const causes = [...new Set(sheet.proposals.map((proposal) => proposal.cause))];
  const shown = (cause: string) => sheet.proposals.filter((proposal) => proposal.cause === cause && (!closed || proposal.accepted));
  if (sheet.proposals.length === 0)
    return <p className="rule pt-3 text-soft">Nothing to change: no cause stands out. Add a finding, or answer a check on Why.</p>;
  return causes.map((cause) => {
    const rows = shown(cause);
    const first = rows[0];
    if (!first) return null;
    return (
      <section key={cause} className="mb-5" aria-label={`Against: ${first.cause_label}`}>
        <h2 className="lettering text-ink">
          Against “{first.cause_label.toLowerCase()}”{' '}
          <span className="font-normal text-soft">{Math.round(first.cause_probability * 100)} %</span>
        </h2>
        <ul className="rule mt-1">
          {rows.map((proposal) => (
            <Line key={`${proposal.remedy}-${proposal.new}`} proposal={proposal} closed={closed} busy={busy} onSet={onSet} />
          ))}
        </ul>
      </section>
    );
  });
}

function Line({
  proposal,
  closed,
  busy,
  onSet,
}: {
  proposal: Proposal;
  closed: boolean;
  busy: boolean;
  onSet: (proposal: Proposal, on: boolean, own?: string) => void;
}) {
  const [own, setOwn] = useState<string | null>(null);
  const measured = typeof proposal.new_raw === 'object' && proposal.new_raw !== null;
  return (
    <li className="hairline grid items-center gap-x-4 gap-y-1 py-2.5 first:border-t-0 sm:grid-cols-[1fr_auto]">
      <div>
        <p className="figure text-lg">{proposal.label}</p>
        {proposal.field && (
          <p>
            <span className="text-soft">{proposal.field_label}: </span>
            {proposal.open ? (
              <>
                {proposal.open}{' '}
                {own === null && !closed && (
                  <button type="button" className="press press-quiet text-sm" onClick={() => setOwn('')}>
                    say how much
                  </button>
                )}
              </>
            ) : (
              <>
                <s className="text-soft">{proposal.old}</s> → <strong className="figure">{proposal.new}</strong>
              </>
            )}
            {proposal.accepted && !closed && measured && own === null && (
              <button type="button" className="press press-quiet text-sm" onClick={() => setOwn(proposal.new ?? '')}>
                other amount
              </button>
            )}
          </p>
        )}
        {own !== null && (
          <form
            className="flex max-w-xs gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              // The words shown are rounded; only what was typed anew is sent.
              if (own !== '' && own !== proposal.new) onSet(proposal, true, own);
              setOwn(null);
            }}
          >
            <input
              className="entry"
              aria-label={`New value for ${proposal.field_label ?? ''}`}
              value={own}
              onChange={(event) => setOwn(event.target.value)}
            />
            <button type="submit" className="press" disabled={busy}>
              Set
            </button>
          </form>
        )}
        <p className="text-sm text-soft">{[EFFORT[proposal.effort], proposal.cost].filter(Boolean).join('. ')}</p>
        {proposal.keeps && !closed && (
          <p className="caution mt-1">
            You meant to keep {proposal.field_label?.toLowerCase()} at {proposal.keeps}.
          </p>
        )}
        <Effects proposal={proposal} />
      </div>
      {closed ? (
        <RevisionMark title="Accepted" />
      ) : proposal.open ? null : (
        <button
          type="button"
          className="peg"
          data-many="true"
          aria-pressed={proposal.accepted}
          disabled={busy}
          onClick={() => onSet(proposal, !proposal.accepted)}
          aria-label={`${proposal.accepted ? 'On the sheet' : 'Accept'}: ${proposal.label}`}
        >
          {proposal.accepted ? 'On the sheet' : 'Accept'}
        </button>
      )}
    </li>
  );
}

/** What one change alone would do, computed by planning and diagnosing again. */
function Effects({ proposal }: { proposal: Proposal }) {
  const rows = [
    { words: 'Better', list: proposal.better },
    { words: 'Worse', list: proposal.worse },
    { words: 'Serves also', list: proposal.also.map((label) => label.toLowerCase()) },
    { words: 'Stays with the casting', list: proposal.of_pattern ? ['the pattern is changed for every try after this'] : [] },
  ].filter((row) => row.list.length > 0);
  if (rows.length === 0) return null;
  return (
    <dl className="mt-1 text-sm">
      {rows.map((row) => (
        <div key={row.words} className="flex flex-wrap gap-x-2">
          <dt className={row.words === 'Worse' ? 'font-semibold text-molten' : 'font-semibold'}>{row.words}:</dt>
          <dd className="text-soft">{row.list.join('; ')}</dd>
        </div>
      ))}
    </dl>
  );
}

/** One change, or several at once: what each leaves of the faults and what it teaches. */
function Ways({ sheet, busy, onTake }: { sheet: ChangeSheet; busy: boolean; onTake: (remedies: readonly string[]) => void }) {
  if (sheet.ways.length === 0) return null;
  return (
    <section className="mb-6" aria-label="One change or all">
      <h2 className="lettering text-ink">One change or all</h2>
      <ul className="rule mt-1">
        {sheet.ways.map((way) => {
          const on = sheet.proposals.filter((proposal) => proposal.accepted).map((proposal) => proposal.remedy);
          const taken = on.length === way.remedies.length && way.remedies.every((remedy) => on.includes(remedy));
          return (
            <li
              key={way.code}
              className="hairline grid items-center gap-x-4 gap-y-1 py-2.5 first:border-t-0 sm:grid-cols-[4.5rem_1fr_auto]"
            >
              <p className="leading-none">
                <span className="figure text-3xl">{Math.round(way.again * 100)}</span>
                <span className="block text-sm text-soft">in 100 again</span>
              </p>
              <div>
                <p className="figure text-lg">{way.labels.join(' + ')}</p>
                <p className="text-sm text-soft">{way.teaches}</p>
              </div>
              <button type="button" className="peg" aria-pressed={taken} disabled={busy || taken} onClick={() => onTake(way.remedies)}>
                {way.code === 'one' ? 'This one only' : `All ${way.remedies.length}`}
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** A small pour that tells the leading suspect before the dear one. */
function CheapTrial({ sheet }: { sheet: ChangeSheet }) {
  if (!sheet.trial) return null;
  return (
    <section className="mt-6 border-t border-ink pt-2" aria-label="A cheap trial first">
      <h2 className="lettering text-ink">A cheap trial first</h2>
      <p className="figure mt-1 text-lg">{sheet.trial.label}</p>
      <p>{sheet.trial.words}</p>
      <p className="mt-1 text-sm text-soft">
        It tells of “{sheet.trial.cause_label.toLowerCase()}” only with: {sheet.trial.common.join('; ')}.
      </p>
    </section>
  );
}

/** Changes that nobody could propose, scored like the others when the next one is judged. */
function OwnChanges({
  sheet,
  attempt,
  closed,
  busy,
  onSet,
}: {
  sheet: ChangeSheet;
  attempt: Attempt;
  closed: boolean;
  busy: boolean;
  onSet: (id: string, was: Plain, to: Plain) => void;
}) {
  const handbook = useHandbook();
  const [words, setWords] = useState('');
  const kinds = [...new Set(attempt.findings.map((finding) => finding.kind))];
  const [against, setAgainst] = useState<string | null>(kinds[0] ?? null);
  if (closed && sheet.own.length === 0) return null;
  return (
    <section className="mt-6" aria-label="Changes of your own">
      <h2 className="lettering text-ink">Changes of your own</h2>
      <ul className="rule mt-1">
        {sheet.own.map((row) => (
          <li key={row.id} className="hairline flex flex-wrap items-center gap-x-4 py-2 first:border-t-0">
            <span className="figure flex-1 text-lg">{row.words}</span>
            {row.against && <span className="text-soft">against {defectWords(handbook, row.against).toLowerCase()}</span>}
            {!closed && (
              <button
                type="button"
                className="press press-quiet"
                disabled={busy}
                onClick={() => onSet(row.id, { words: row.words, against: row.against }, null)}
              >
                Take off <span className="sr-only">{row.words}</span>
              </button>
            )}
          </li>
        ))}
      </ul>
      {!closed && (
        <form
          className="mt-2 grid gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (words.trim() === '') return;
            onSet(freshId(), null, { words: words.trim(), against });
            setWords('');
          }}
        >
          <TextEntry label="What will you do otherwise?" value={words} maxLength={300} onChange={(event) => setWords(event.target.value)} />
          {kinds.length > 0 && (
            <fieldset>
              <legend className="lettering mb-1">Meant against</legend>
              <PickOne
                label="Meant against"
                choices={kinds.map((kind) => ({ code: kind, label: defectWords(handbook, kind), hint: '' }))}
                value={against}
                onChange={setAgainst}
              />
            </fieldset>
          )}
          <button type="submit" className="press justify-self-start" disabled={busy || words.trim() === ''}>
            Put it on the sheet
          </button>
        </form>
      )}
    </section>
  );
}

/** Numbers of the plan that the changes move, and whether into their band. */
function Moves({ moves }: { moves: ChangeSheet['moves'] }) {
  if (moves.length === 0) return null;
  return (
    <section className="mt-4" aria-label="What moves in the plan">
      <h3 className="lettering text-ink">What moves in the plan</h3>
      <ul className="rule mt-1">
        {moves.map((move) => (
          <li key={move.code} className="hairline py-1.5 first:border-t-0">
            <span className="block leading-tight">{move.label}</span>
            <span className="text-soft">
              <StandingMark standing={move.before_standing} /> {move.before ?? 'not known'} →{' '}
            </span>
            <strong className="figure">
              <StandingMark standing={move.after_standing} /> {move.after ?? 'not known'}
            </strong>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Chance to see each defect again, before and after, on one rule. */
function Predictions({ predictions }: { predictions: readonly Prediction[] }) {
  const handbook = useHandbook();
  if (predictions.length === 0) return <p className="mt-3 text-soft">No defect is recorded, so there is nothing to foretell.</p>;
  return (
    <ul>
      {predictions.map((prediction) => (
        <li key={prediction.defect} className="hairline py-2 first:border-t-0">
          <div className="flex items-baseline justify-between gap-3">
            <span className="font-semibold">{defectWords(handbook, prediction.defect)}</span>
            <span className="figure text-lg">{outcomeWords(prediction.expected)}</span>
          </div>
          <svg viewBox="0 0 300 18" className="block h-[18px] w-full" preserveAspectRatio="none" aria-hidden="true">
            <path d="M0 17H300" stroke="var(--ink)" strokeWidth="1.2" vectorEffect="non-scaling-stroke" />
            <rect
              x="0"
              y="3"
              width={Math.max(1, prediction.before * 300)}
              height="13"
              fill="none"
              stroke="var(--line)"
              strokeWidth="1.5"
              vectorEffect="non-scaling-stroke"
            />
            <rect x="0" y="6" width={Math.max(1, prediction.after * 300)} height="10" fill="var(--ink)" />
          </svg>
          <p className="text-sm text-soft">
            seen again {Math.round(prediction.before * 100)} in 100 unchanged,{' '}
            <span className="text-ink">{Math.round(prediction.after * 100)} in 100</span> so
          </p>
        </li>
      ))}
    </ul>
  );
}
