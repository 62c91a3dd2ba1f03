import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useHandbook, wordsFor, type CastingInList } from '../../shared/api';
import { Empty, Failed, Loading } from '../../shared/ui/states';
import { VerdictMark, verdictWords } from '../../shared/ui/VerdictMark';
import { NewCasting } from './NewCasting';
import { castingsQuery } from './queries';

export function CastingsPage() {
  const [page, setPage] = useState(1);
  const castings = useQuery(castingsQuery(page));
  const [adding, setAdding] = useState(false);
  const navigate = useNavigate();
  return (
    <section>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1>Castings</h1>
        <button type="button" className="press" onClick={() => setAdding(true)}>
          New casting
        </button>
      </div>
      {castings.isPending && <Loading />}
      {castings.isError && <Failed error={castings.error} retry={() => void castings.refetch()} />}
      {castings.data?.castings.length === 0 && (
        <Empty title="No castings yet.">
          <p>A casting is a thing you want to make. Each try at it becomes an attempt on its trail.</p>
        </Empty>
      )}
      {castings.data && castings.data.castings.length > 0 && (
        <ul className="rule mt-4">
          {castings.data.castings.map((casting) => (
            <Line key={casting.id} casting={casting} />
          ))}
        </ul>
      )}
      {castings.data && (castings.data.more || page > 1) && (
        <nav className="mt-4 flex gap-3" aria-label="Pages">
          <button type="button" className="press" disabled={page <= 1} onClick={() => setPage(page - 1)}>
            Newer
          </button>
          <button type="button" className="press" disabled={!castings.data.more} onClick={() => setPage(page + 1)}>
            Older
          </button>
        </nav>
      )}
      {adding && <NewCasting open onClose={() => setAdding(false)} onAdded={(id) => void navigate(`/castings/${id}`)} />}
    </section>
  );
}

function Line({ casting }: { casting: CastingInList }) {
  const handbook = useHandbook();
  const last = casting.trail.at(-1);
  return (
    <li className="hairline first:border-t-0">
      <Link
        to={`/castings/${casting.id}`}
        className="grid items-center gap-x-6 gap-y-1 py-4 no-underline hover:bg-wash md:grid-cols-[1fr_auto_11rem]"
      >
        <span>
          <span className="figure block text-xl underline decoration-1 underline-offset-4">{casting.name}</span>
          <span className="text-soft">
            {[wordsFor(handbook, 'purpose', casting.purpose), casting.wanted > 1 ? `${casting.wanted} wanted` : '', casting.note]
              .filter(Boolean)
              .join(' · ')}
          </span>
        </span>
        <span className="flex items-center" aria-label={`${casting.trail.length} attempts`}>
          {casting.trail.map((step, i) => (
            <span key={step.id} className="flex items-center">
              {i > 0 && <span className="h-0.5 w-4 bg-line" aria-hidden="true" />}
              <VerdictMark state={step.state} verdict={step.verdict} size={26} />
            </span>
          ))}
        </span>
        <span className="text-soft md:text-right">{last ? verdictWords(last.state, last.verdict) : 'No attempt yet'}</span>
      </Link>
    </li>
  );
}
