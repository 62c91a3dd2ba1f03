import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { v7 as freshId } from 'uuid';
import { useHandbook, type WayOfMaking, type Ways } from '../../shared/api';
import { useChange, type Plain } from '../../shared/record';
import { Pressed } from '../../shared/ui/Pressed';
import { StandingMark } from '../../shared/ui/StandingMark';
import { OfAttempt } from '../../shared/ui/OfAttempt';
import { Failed, Loading } from '../../shared/ui/states';
import { isKept, useSaving } from '../../shared/ui/useSaving';
import { waysQuery } from './queries';

/** One part by two or three processes side by side, and what each comes to before anything is decided. */
export function WaysPage() {
  const { id = '' } = useParams();
  const [chosen, setChosen] = useState<readonly { process: string; alloy: string }[] | null>(null);
  const asked = chosen?.map(({ process, alloy }) => `${process}:${alloy}`).join(',') ?? '';
  const query = useQuery({ ...waysQuery(id, asked), placeholderData: keepPreviousData });
  if (query.isPending) return <Loading />;
  if (query.isError) return <Failed error={query.error} retry={() => void query.refetch()} />;
  const ways = query.data;
  return (
    <article>
      <OfAttempt of={ways} />
      <h1>Ways of making it</h1>
      <p className="mt-2 text-xl font-semibold">{ways.sentence}</p>
      <p className="mt-1 text-soft">
        The part and its furnace are those of this attempt; pattern, mould, gating and heat are what each way takes by itself, made anew.
      </p>
      <SideBySide ways={ways} />
      <Choose ways={ways} onChoose={setChosen} />
      {ways.ways.map((way) => (
        <Risks key={`${way.process} ${way.alloy}`} way={way} />
      ))}
    </article>
  );
}

/** A row for each question, a column for each way; on the phone one below the other. */
function SideBySide({ ways }: { ways: Ways }) {
  return (
    <section className="mt-4" aria-labelledby="side-by-side">
      <h2 id="side-by-side" className="sr-only">
        Side by side
      </h2>
      <div className="hidden gap-x-6 double-ruled sm:grid" style={columns(ways)}>
        <span />
        {ways.ways.map((way) => (
          <h2 key={`${way.process} ${way.alloy}`}>
            {way.name}
            {way.ruled_out && <span className="block text-sm text-molten">will not work as it stands</span>}
          </h2>
        ))}
      </div>
      {ways.questions.map(({ question, label, words }) => {
        const cells = ways.ways.map((way) => way.cells.find((cell) => cell.question === question));
        const most = Math.max(...cells.map((cell) => cell?.high ?? 0), 0);
        return (
          <div key={question} className="hairline py-2 sm:grid sm:gap-x-6" style={columns(ways)} data-question={question}>
            <div>
              <h3 className="lettering text-ink">{label}</h3>
              <p className="text-sm text-soft">{words}</p>
            </div>
            {ways.ways.map((way, place) => {
              const cell = cells[place];
              return (
                <div key={`${way.process} ${way.alloy}`} className="mt-1 sm:mt-0" data-way={way.process}>
                  <p className="lettering sm:hidden">{way.name}</p>
                  <p className={`figure ${cell?.best ? 'text-lg font-semibold' : ''}`}>
                    {cell?.shown}
                    {cell?.best && <Best />}
                  </p>
                  {cell && cell.low !== null && cell.high !== null && <Range low={cell.low} high={cell.high} most={most} />}
                </div>
              );
            })}
          </div>
        );
      })}
      <div className="hairline py-3 sm:grid sm:gap-x-6" style={columns(ways)}>
        <span />
        {ways.ways.map((way) => (
          <PlanIt key={`${way.process} ${way.alloy}`} way={way} ways={ways} />
        ))}
      </div>
    </section>
  );
}

const columns = (ways: Ways) => ({ gridTemplateColumns: `13rem repeat(${ways.ways.length}, minmax(0, 1fr))` });

/** The better of all beyond what is unsure: said with a word, not with a colour. */
function Best() {
  return <span className="ml-2 border border-ink px-1.5 text-sm font-normal">best</span>;
}

function Range({ low, high, most }: { low: number; high: number; most: number }) {
  const at = (value: number) => `${Math.max(0, Math.min(100, (100 * value) / (most || 1)))}%`;
  return (
    <svg width="100%" height="16" aria-hidden="true" className="block max-w-64">
      <line x1="0" x2="100%" y1="8" y2="8" stroke="var(--hair)" strokeWidth="2" />
      {low === high ? (
        <rect x="0" y="4" width={at(high)} height="8" fill="var(--ink)" />
      ) : (
        <>
          <rect x="0" y="4" width={at(low)} height="8" fill="var(--ink)" />
          <line x1={at(low)} x2={at(high)} y1="8" y2="8" stroke="var(--ink)" strokeWidth="2.5" />
          <line x1={at(high)} x2={at(high)} y1="3" y2="13" stroke="var(--ink)" strokeWidth="2" />
        </>
      )}
    </svg>
  );
}

function PlanIt({ way, ways }: { way: WayOfMaking; ways: Ways }) {
  const change = useChange();
  const navigate = useNavigate();
  const { busy, outcome, run } = useSaving();
  return (
    <div className="mt-2 sm:mt-0">
      <button
        type="button"
        className="press min-h-14"
        disabled={busy}
        onClick={() => {
          const attempt = freshId();
          const set = Object.fromEntries(
            Object.entries(way.planned).map(([field, to]) => [`planned.${field}`, { was: null, to: to as Plain }]),
          );
          void run(() =>
            change({
              label: `${ways.casting_name}: an attempt in ${way.name.toLowerCase()}`,
              path: `/castings/${ways.casting_id}`,
              changes: [{ part: 'attempt', id: attempt, create: { casting: ways.casting_id }, set }],
            }),
          ).then((done) => {
            if (isKept(done)) void navigate(`/attempts/${attempt}/plan`);
          });
        }}
      >
        Plan it this way <span className="sr-only">{way.name}</span>
      </button>
      <Pressed outcome={outcome} />
    </div>
  );
}

function Risks({ way }: { way: WayOfMaking }) {
  if (way.risks.length === 0) return null;
  return (
    <details className="mt-3" open={way.ruled_out || undefined}>
      <summary className="cursor-pointer py-2 underline underline-offset-4">What its plan has against {way.name}</summary>
      <ul>
        {way.risks.map((risk) => (
          <li key={risk.words} className="hairline flex gap-2 py-1.5 first:border-t-0">
            <StandingMark standing={risk.standing} />
            <span>{risk.words}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}

const MOST = 4;

/** Which ways: a process and a metal each, two to four. */
function Choose({ ways, onChoose }: { ways: Ways; onChoose: (ways: readonly { process: string; alloy: string }[]) => void }) {
  const { choices, alloys } = useHandbook();
  const now = ways.ways.map(({ process, alloy }) => ({ process, alloy }));
  const processes = choices['process'] ?? [];
  const put = (place: number, with_: Partial<{ process: string; alloy: string }>) =>
    onChoose(now.map((way, index) => (index === place ? { ...way, ...with_ } : way)));
  return (
    <section className="mt-8" aria-label="Which ways">
      <h2 className="double-ruled">Which ways</h2>
      <ul>
        {now.map((way, place) => (
          <li key={place} className="hairline flex flex-wrap items-end gap-4 py-2 first:border-t-0">
            <label className="block">
              <span className="block text-sm text-soft">Process {place + 1}</span>
              <select
                className="entry min-h-12 max-w-64"
                value={way.process}
                onChange={(event) => put(place, { process: event.target.value })}
              >
                {processes.map(({ code, label }) => (
                  <option key={code} value={code}>
                    {label}
                    {ways.bears.includes(code) ? '' : ' (does not bear this metal)'}
                  </option>
                ))}
              </select>
            </label>
            <label className="block">
              <span className="block text-sm text-soft">Metal {place + 1}</span>
              <select className="entry min-h-12 max-w-64" value={way.alloy} onChange={(event) => put(place, { alloy: event.target.value })}>
                {alloys.map(({ code, name }) => (
                  <option key={code} value={code}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
            {now.length > 2 && (
              <button type="button" className="press press-quiet" onClick={() => onChoose(now.filter((_, index) => index !== place))}>
                Leave it out <span className="sr-only">way {place + 1}</span>
              </button>
            )}
          </li>
        ))}
      </ul>
      {now.length < MOST && (
        <button
          type="button"
          className="press mt-2"
          onClick={() => {
            const other = processes.find(({ code }) => ways.bears.includes(code) && !now.some(({ process }) => process === code));
            onChoose([...now, { process: other?.code ?? 'green_sand', alloy: ways.alloy }]);
          }}
        >
          Another way
        </button>
      )}
    </section>
  );
}
