import type { RankedCause, Why, Working } from '../../shared/api';
import { OpenWorking } from '../../shared/ui/OpenWorking';
import { ledger, weightWords, type LedgerLine } from './model';

const KIND: Record<string, string> = {
  history: 'your history',
  compared: 'another try',
  record: 'your record',
  finding: 'what was seen',
  detail: 'how it looks',
  rivals: 'rivals',
};

/** What raised and what lowered a cause, as bars either side of a plumb line: raised to the right, lowered to the left. */
export function EvidenceLedger({ cause, why }: { cause: RankedCause; why: Why }) {
  const { base, lines } = ledger(cause.contributions);
  return (
    <div className="mt-3">
      <ul>
        {lines.map((line, index) => (
          <Line key={index} line={line} working={line.contribution.fact ? why.workings[line.contribution.fact] : undefined} />
        ))}
      </ul>
      {base && <p className="mt-2 text-sm text-soft">Set out from: {base.words}</p>}
    </div>
  );
}

function Line({ line, working }: { line: LedgerLine; working: Working | undefined }) {
  const { contribution, reach, words } = line;
  return (
    <li className="grid items-center gap-x-4 py-1 sm:grid-cols-[1fr_15rem]">
      <div className="leading-snug">
        {contribution.words}
        {working && <OpenWorking working={working} />}
      </div>
      <div className="flex items-center gap-2">
        <svg viewBox="-100 0 200 22" className="h-[22px] w-full" preserveAspectRatio="none" aria-hidden="true">
          <path d="M-100 11H100" stroke="var(--hair)" strokeWidth="1" vectorEffect="non-scaling-stroke" />
          {reach >= 0 ? (
            <rect x="0" y="4" width={Math.max(2, reach * 100)} height="14" fill="var(--ink)" />
          ) : (
            <rect
              x={reach * 100}
              y="4.5"
              width={Math.max(2, -reach * 100)}
              height="13"
              fill="none"
              stroke="var(--ink)"
              strokeWidth="1.6"
              vectorEffect="non-scaling-stroke"
            />
          )}
          <path d="M0 0V22" stroke="var(--ink)" strokeWidth="2" vectorEffect="non-scaling-stroke" />
        </svg>
        <span className="w-24 flex-none text-sm leading-tight text-soft" title={KIND[contribution.kind]}>
          {words} {weightWords(contribution.log_odds)}
        </span>
      </div>
    </li>
  );
}
