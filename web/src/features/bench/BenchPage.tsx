import { queryOptions, useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answered, api, wordsFor, useHandbook, type Bench, type BenchLine } from '../../shared/api';
import { SandToMend } from '../heaps/index';
import { MetalShort } from '../metal/index';
import { PatternsWanting } from '../patterns/index';
import { WeekNow } from '../week/index';
import { Empty, Failed, Loading, RevisionMark } from '../../shared/ui/states';
import { VerdictMark } from '../../shared/ui/VerdictMark';
import { dayWords } from '../../shared/day';

const benchQuery = queryOptions({ queryKey: ['bench'], queryFn: () => answered(api.GET('/api/bench')) });

const LANES: readonly { waits: BenchLine['waits_for']; title: string; action: string; to: (line: BenchLine) => string }[] = [
  { waits: 'inspection', title: 'Poured, waiting to be looked at', action: 'Inspect', to: (line) => `/attempts/${line.id}#inspection` },
  { waits: 'pour', title: 'Planned, waiting for the pour', action: 'Pour day', to: (line) => `/attempts/${line.id}/day` },
  { waits: 'findings', title: 'Not good, and nobody has written down why', action: 'Add findings', to: (line) => `/attempts/${line.id}` },
  { waits: 'next_attempt', title: 'Diagnosed, waiting for the next attempt', action: 'Why', to: (line) => `/attempts/${line.id}/why` },
];

/** What is next: each line says what it waits for and takes you there. */
export function BenchPage() {
  const bench = useQuery(benchQuery);
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[1fr_20rem]">
      <section>
        <h1>On the bench</h1>
        <WeekNow />
        {bench.isPending ? (
          <Loading />
        ) : bench.isError ? (
          <Failed error={bench.error} retry={() => void bench.refetch()} />
        ) : (
          <Waiting bench={bench.data} />
        )}
      </section>
      <aside>
        <h2 className="double-ruled">Repeat list</h2>
        {bench.data && <RepeatList entries={bench.data.repeat_list} />}
        <SandToMend />
        <MetalShort />
        <PatternsWanting />
      </aside>
    </div>
  );
}

function Waiting({ bench }: { bench: Bench }) {
  if (bench.waiting.length === 0) {
    return (
      <Empty title="The bench is clear.">
        <p>Nothing waits for a pour, an inspection or a diagnosis.</p>
        <p className="mt-4 flex flex-wrap gap-3">
          <Link to="/log" className="press press-molten">
            Log a pour
          </Link>
          <Link to="/castings" className="press">
            Castings
          </Link>
        </p>
      </Empty>
    );
  }
  return LANES.map((lane) => {
    const lines = bench.waiting.filter((line) => line.waits_for === lane.waits);
    if (lines.length === 0) return null;
    return (
      <section key={lane.waits} className="mt-6" aria-label={lane.title}>
        <h2 className="lettering text-ink">{lane.title}</h2>
        <ul className="rule mt-1">
          {lines.map((line) => (
            <li key={line.id} className="hairline flex flex-wrap items-center gap-x-4 gap-y-1 py-3 first:border-t-0">
              <VerdictMark state={line.state} verdict={line.verdict} size={34} />
              <div className="min-w-0 flex-1">
                <p>
                  <Link to={`/attempts/${line.id}`} className="figure text-lg">
                    {line.casting_name} <span className="text-soft">no. {line.number}</span>
                  </Link>
                </p>
                <p className="text-soft">
                  {[line.process_label, line.alloy_label, line.pour_temperature, line.poured_on ? dayWords(line.poured_on) : null]
                    .filter(Boolean)
                    .join(' · ')}
                </p>
                {line.changed.length > 0 && line.state === 'planned' && (
                  <p>
                    <RevisionMark /> {line.changed.join('; ')}
                  </p>
                )}
              </div>
              <Link to={lane.to(line)} className="press">
                {lane.action}
              </Link>
            </li>
          ))}
        </ul>
      </section>
    );
  });
}

function RepeatList({ entries }: { entries: Bench['repeat_list'] }) {
  const handbook = useHandbook();
  if (entries.length === 0) {
    return (
      <p className="mt-3 text-soft">
        Causes that you confirm on Why are kept here, so that your own past mistakes stand in front of you before the next pour.
      </p>
    );
  }
  return (
    <>
      <ol>
        {entries.map((entry) => (
          <li key={entry.cause} className="hairline flex gap-3 py-2 first:border-t-0">
            <span className="figure w-9 flex-none text-2xl leading-none" aria-label={`${entry.times} times`}>
              {entry.times}×
            </span>
            <span>
              <span className="font-semibold">{entry.label}</span>
              <span className="block text-sm text-soft">
                {entry.last_on ? `last ${dayWords(entry.last_on)}` : ''}
                {entry.processes && entry.processes.length < 4
                  ? ` · ${entry.processes.map((process) => wordsFor(handbook, 'process', process).toLowerCase()).join(', ')}`
                  : ''}
              </span>
            </span>
          </li>
        ))}
      </ol>
      <p className="mt-2 text-sm text-soft">Confirmed by you. Each one weighs in your next diagnosis.</p>
    </>
  );
}
