import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { Link, useSearchParams } from 'react-router';
import { z } from 'zod';
import { answered, api, defectWords, useHandbook, type LedgerLine } from '../../shared/api';
import { dayWords } from '../../shared/day';
import { Empty, Failed, Loading } from '../../shared/ui/states';
import { singleKeys } from '../../shared/ui/useKeys';
import { VerdictMark, verdictWords } from '../../shared/ui/VerdictMark';

// The address is input like any other: what does not fit is dropped, not guessed.
const shape = z.object({
  before: z.string().max(60).catch(''),
  q: z.string().max(100).catch(''),
  process: z.string().max(40).catch(''),
  alloy: z.string().max(40).catch(''),
  verdict: z.enum(['', 'good', 'usable', 'scrap']).catch(''),
  defect: z.string().max(40).catch(''),
});
type Filter = z.infer<typeof shape>;

const ledgerQuery = (filter: Filter) =>
  queryOptions({
    queryKey: ['ledger', filter],
    queryFn: () => answered(api.GET('/api/attempts', { params: { query: only(filter) } })),
    placeholderData: keepPreviousData,
  });

function only(filter: Filter): Record<string, string> {
  return Object.fromEntries(Object.entries(filter).filter((entry) => entry[1] !== ''));
}

/** Every pour, found in seconds. */
export function LedgerPage() {
  const handbook = useHandbook();
  const [params, setParams] = useSearchParams();
  const filter = shape.parse(Object.fromEntries(params));
  const ledger = useQuery(ledgerQuery(filter));
  const search = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const slash = (event: KeyboardEvent) => {
      if (event.key === '/' && singleKeys() && document.activeElement !== search.current) {
        event.preventDefault();
        search.current?.focus();
      }
    };
    window.addEventListener('keydown', slash);
    return () => window.removeEventListener('keydown', slash);
  }, []);
  const set = (change: Partial<Filter>) => {
    setParams(only({ ...filter, before: '', ...change }), { replace: true });
  };
  const select = (name: 'process' | 'alloy' | 'verdict' | 'defect', label: string, choices: readonly { code: string; label: string }[]) => (
    <label className="lettering">
      {label}
      <select
        className="entry normal-case tracking-normal text-ink"
        value={filter[name]}
        onChange={(event) => set({ [name]: event.target.value })}
      >
        <option value="">all</option>
        {choices.map((choice) => (
          <option key={choice.code} value={choice.code}>
            {choice.label}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <section>
      <h1>Ledger</h1>
      <form className="mt-3 grid grid-cols-2 gap-4 md:grid-cols-5" role="search" onSubmit={(event) => event.preventDefault()}>
        <label className="lettering col-span-2 md:col-span-1">
          Find
          <input
            ref={search}
            className="entry normal-case tracking-normal text-ink"
            type="search"
            value={filter.q}
            onChange={(event) => set({ q: event.target.value })}
            placeholder="casting or note"
          />
        </label>
        {select('process', 'Process', handbook.choices['process'] ?? [])}
        {select('alloy', 'Metal', handbook.choices['alloy'] ?? [])}
        {select('verdict', 'Verdict', handbook.choices['verdict'] ?? [])}
        {select('defect', 'Defect', handbook.defects)}
      </form>
      {ledger.isPending && <Loading lines={10} />}
      {ledger.isError && <Failed error={ledger.error} retry={() => void ledger.refetch()} />}
      {ledger.data && ledger.data.attempts.length === 0 && (
        <Empty title="No pour like that.">
          <p>Loosen the filter, or log a pour.</p>
        </Empty>
      )}
      {ledger.data && ledger.data.attempts.length > 0 && (
        <>
          <p className="mt-4 text-soft" role="status">
            {filter.before ? 'Further back: ' : ''}
            {ledger.data.total} {ledger.data.total === 1 ? 'pour' : 'pours'}
            {ledger.data.more ? ' among the next 5000' : ''}
          </p>
          <ul className="rule mt-1" style={{ opacity: ledger.isPlaceholderData ? 0.6 : 1 }}>
            {ledger.data.attempts.map((line) => (
              <Row key={line.id} line={line} />
            ))}
          </ul>
        </>
      )}
      {ledger.data && (ledger.data.older !== null || filter.before !== '') && (
        <nav className="mt-4 flex gap-3" aria-label="Pages">
          {filter.before !== '' && (
            <Link className="press" to={`?${new URLSearchParams(only({ ...filter, before: '' })).toString()}`}>
              To the latest
            </Link>
          )}
          {ledger.data.older !== null && (
            <Link className="press" to={`?${new URLSearchParams(only({ ...filter, before: ledger.data.older })).toString()}`}>
              Older
            </Link>
          )}
        </nav>
      )}
    </section>
  );
}

function Row({ line }: { line: LedgerLine }) {
  const handbook = useHandbook();
  return (
    <li className="hairline first:border-t-0">
      <Link to={`/attempts/${line.id}`} className="ledger-line py-2 no-underline hover:bg-wash">
        <span title={verdictWords(line.state, line.verdict)}>
          <VerdictMark state={line.state} verdict={line.verdict} size={26} />
          <span className="sr-only">{verdictWords(line.state, line.verdict)}</span>
        </span>
        <span className="text-soft max-md:order-3 max-md:col-start-2">{line.poured_on ? dayWords(line.poured_on) : 'planned'}</span>
        <span className="figure text-lg">
          {line.casting_name} <span className="font-medium text-soft">no. {line.number}</span>
        </span>
        <span className="max-md:col-start-2">{[line.process_label, line.alloy_label].filter(Boolean).join(', ')}</span>
        <span className="figure max-md:hidden">{line.pour_temperature ?? ''}</span>
        <span className="text-soft max-md:col-start-2">
          {line.findings.map((kind) => defectWords(handbook, kind).toLowerCase()).join(', ')}
        </span>
      </Link>
    </li>
  );
}
