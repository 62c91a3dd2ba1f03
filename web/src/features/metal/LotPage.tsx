import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Lot, LotEntry } from '../../shared/api';
import { clockWords } from '../../shared/day';
import { Dialog } from '../../shared/ui/Dialog';
import { StandingMark } from '../../shared/ui/StandingMark';
import { Failed, Loading } from '../../shared/ui/states';
import { Book, EntryForm, ThingForm } from '../things/index';
import { PotFigure, PotWords } from './PotFigure';
import { lotQuery } from './queries';

const ENTRIES = [
  { kind: 'lot_weighed', press: 'Weigh it', title: 'How much is there', words: 'Keep it' },
  { kind: 'lot_added', press: 'More came', title: 'More of the same', words: 'Keep it' },
  { kind: 'lot_checked', press: 'It was analysed', title: 'What was found in it', words: 'Keep it' },
] as const;

/** One lot: how much there is, what it is made of and how sure that is, where it went and what came back into it. */
export function LotPage() {
  const { id = '' } = useParams();
  const query = useQuery(lotQuery(id));
  const [open, setOpen] = useState<(typeof ENTRIES)[number]['kind'] | 'lot' | null>(null);
  const navigate = useNavigate();
  if (query.isPending) return <Loading />;
  if (query.isError) return <Failed error={query.error} retry={() => void query.refetch()} />;
  const lot = query.data;
  const { line } = lot;
  const path = `/workshop/metal/${id}`;
  const facts = [
    line.metal,
    line.what,
    line.pieces === null ? null : `${line.pieces} pieces`,
    lot.metal.remelts,
    lot.columns['origin']?.shown,
  ];
  return (
    <article>
      <p className="lettering">
        <Link to="/workshop#metal">Metal</Link>
      </p>
      <h1>{line.name}</h1>
      <p className="text-soft">{facts.filter(Boolean).join(' · ')}</p>
      <p className="mt-2">
        <span className="figure text-3xl">{line.shown}</span>
        {lot.columns['kept'] && <span className="text-soft"> · {lot.columns['kept'].shown}</span>}
      </p>
      {line.sentence && (
        <p className="mt-2 flex gap-2 text-lg font-semibold" data-standing={line.standing}>
          <StandingMark standing={line.standing} />
          <span>{line.sentence}</span>
        </p>
      )}
      {line.caution && (
        <p className="caution mt-3" role="note">
          <span>{line.caution}.</span>
        </p>
      )}
      <p className="mt-3 flex flex-wrap gap-3">
        {ENTRIES.map((one) => (
          <button key={one.kind} type="button" className="press min-h-14" onClick={() => setOpen(one.kind)}>
            {one.press}
          </button>
        ))}
        <button type="button" className="press press-quiet min-h-14" onClick={() => setOpen('lot')}>
          Alloy, price, pieces
        </button>
      </p>
      <section className="mt-6" aria-label="What it is made of">
        <h2 className="double-ruled">What it is made of</h2>
        {lot.metal.elements.length === 0 ? (
          <p className="mt-2 text-soft">
            Nobody said. Choose its alloy, or type what is known: <span className="figure">Si 7, Mg 0.35</span>.
          </p>
        ) : (
          <>
            <p className="mt-2 text-sm text-soft">
              Known: {line.known.toLowerCase()}. The bar is what is known, the shaded band what {line.metal} may hold.
            </p>
            <div className="mt-1">
              <PotWords pot={lot.metal} />
            </div>
            <div className="mt-2 max-w-2xl">
              <PotFigure pot={lot.metal} label={`What ${line.name} is made of`} />
            </div>
          </>
        )}
      </section>
      <Trend lot={lot} />
      <Book
        lines={lot.entries}
        of={line.name}
        path={path}
        empty="Nothing yet. What a pour charges is written down on its own page, under Charge."
        beside={(entry) => <span className="figure">{entry.columns['mass']?.shown}</span>}
        words={(entry) => (
          <>
            {entry.heat &&
              (entry.heat.attempt_id ? (
                <Link to={`/attempts/${entry.heat.attempt_id}/charge`}>{entry.heat.name}</Link>
              ) : (
                entry.heat.name
              ))}{' '}
            {told(entry)}
          </>
        )}
      />
      {ENTRIES.map((one) => (
        <Dialog key={one.kind} open={open === one.kind} onClose={() => setOpen(null)} title={`${one.title}: ${line.name}`}>
          <EntryForm of={{ id, name: line.name }} kind={one.kind} path={path} words={one.words} onDone={() => setOpen(null)} />
        </Dialog>
      ))}
      <Dialog open={open === 'lot'} onClose={() => setOpen(null)} title={line.name}>
        <ThingForm
          kind="stock"
          thing={{ id, columns: lot.columns }}
          path={path}
          named={line.name}
          onDone={(gone) => {
            setOpen(null);
            if (gone) void navigate('/workshop#metal');
          }}
        />
      </Dialog>
    </article>
  );
}

function told(entry: LotEntry): string {
  const parts = ['what', 'as', 'composition', 'known', 'note'].flatMap((key) => entry.columns[key]?.shown ?? []);
  return parts.join(' · ');
}

const WIDE = 640;
const HIGH = 90;

/** How much of it there was: a step at each line of its book. */
function Trend({ lot }: { lot: Lot }) {
  if (lot.trend.length < 2) return null;
  const from = lot.trend[0]?.at ?? lot.now;
  const most = Math.max(...lot.trend.map((point) => point.kg), 0.001);
  const x = (at: number) => (WIDE - 8) * ((at - from) / Math.max(1, lot.now - from)) + 4;
  const y = (kg: number) => HIGH - (HIGH - 12) * (kg / most);
  let path = '';
  let last = 0;
  for (const { at, kg } of lot.trend) {
    path += path === '' ? `M${x(at)} ${y(kg)}` : `H${x(at)}V${y(kg)}`;
    last = kg;
  }
  return (
    <section className="mt-8" aria-label="How much there was">
      <h2 className="double-ruled">How much there was</h2>
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH + 18}`}
        className="mt-2 w-full max-w-3xl"
        role="img"
        aria-label={`From ${clockWords(from)} until now, at the most ${most.toFixed(2)} kilograms, now ${last.toFixed(2)}`}
      >
        <path d={`${path}H${x(lot.now)}V${HIGH}H${x(from)}Z`} fill="var(--wash)" />
        <path d={`${path}H${x(lot.now)}`} fill="none" stroke="var(--ink)" strokeWidth="2" />
        <line x1="0" x2={WIDE} y1={HIGH} y2={HIGH} stroke="var(--ink)" strokeWidth="1.5" />
        <g fontSize="12" fontFamily="var(--font-narrow)" fill="var(--ink)">
          <text x="4" y={HIGH + 14}>
            {clockWords(from).split(',')[0]}
          </text>
          <text x={WIDE - 4} y={HIGH + 14} textAnchor="end">
            now
          </text>
        </g>
      </svg>
    </section>
  );
}
