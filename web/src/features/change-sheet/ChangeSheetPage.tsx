import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { attemptQuery } from '../attempt/index';
import { v7 as freshId } from 'uuid';
import { defectWords, useHandbook, type ChangeSheet, type Prediction, type Proposal } from '../../shared/api';
import { outcomeWords } from '../../shared/outcome';
import { StandingMark } from '../../shared/ui/StandingMark';
import { useChange, type Plain } from '../../shared/record';
import { Pressed } from '../../shared/ui/Pressed';
import { RevisionMark } from '../../shared/ui/states';
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
          <Proposals sheet={sheet} closed={closed} busy={busy} onSet={set} />
        </section>
        <aside className="content-start">
          <h2 className="border-b-[3px] border-double border-ink pb-1">{closed ? 'Foretold' : 'What this should do'}</h2>
          <Predictions predictions={sheet.predictions} />
          <Moves moves={sheet.moves} />
          <p className="mt-3 text-soft">{sheet.teaches}</p>
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
            <s className="text-soft">{proposal.old}</s> → <strong className="figure">{proposal.new}</strong>
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
              if (own !== proposal.new) onSet(proposal, true, own);
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
      </div>
      {closed ? (
        <RevisionMark title="Accepted" />
      ) : (
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
