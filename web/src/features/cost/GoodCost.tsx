import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { GoodCasting } from '../../shared/api';
import { OpenWorking } from '../../shared/ui/OpenWorking';
import { PickOne } from '../../shared/ui/Pegs';
import { VerdictMark } from '../../shared/ui/VerdictMark';
import { AmountBar } from './AmountBar';
import { castingCostQuery, type Counts } from './queries';

const COUNTS = [
  { code: 'good', label: 'Good ones', hint: '' },
  { code: 'usable', label: 'Good and usable ones', hint: '' },
];

/** What a good one of a casting costs; nothing where no pour of it is judged. */
export function CastingCost({ casting }: { casting: string }) {
  const [counts, setCounts] = useState<Counts>('good');
  const good = useQuery(castingCostQuery(casting, counts)).data;
  if (!good || good.pours.length === 0) return null;
  return <GoodCost good={good} onCount={setCounts} />;
}

/** All that was poured for it, over what came out good; and what would make the next one cheaper. */
export function GoodCost({ good, onCount, here }: { good: GoodCasting; onCount: (counts: Counts) => void; here?: string }) {
  const most = Math.max(...good.pours.map((pour) => pour.amount.high), 0);
  return (
    <section className="mt-8" aria-label="What a good one costs">
      <h2 className="double-ruled">What a good one costs</h2>
      <p className="mt-2 text-lg font-semibold">{good.sentence}</p>
      <fieldset className="mt-2">
        <legend className="lettering mb-1">What counts</legend>
        <PickOne
          label="What counts"
          choices={COUNTS}
          value={good.counts}
          onChange={(next) => onCount(next === 'usable' ? 'usable' : 'good')}
        />
      </fieldset>
      <ul className="mt-2">
        {good.pours.map((pour) => (
          <li
            key={pour.attempt_id}
            className="hairline grid grid-cols-[2rem_1fr] items-center gap-x-3 py-1 first:border-t-0 sm:grid-cols-[2rem_13rem_1fr]"
            data-pour={pour.number}
          >
            <VerdictMark state="judged" verdict={pour.verdict} size={24} />
            <span>
              <Link
                to={`/attempts/${pour.attempt_id}/cost`}
                className="inline-block py-2 font-semibold"
                aria-current={pour.attempt_id === here ? 'page' : undefined}
              >
                No. {pour.number}
              </Link>{' '}
              <span className="figure">{pour.shown}</span>
            </span>
            <span className="col-span-2 sm:col-span-1">
              <AmountBar amount={pour.amount} most={most} how={pour.good > 0 ? 'measured' : 'failed'} />
            </span>
          </li>
        ))}
      </ul>
      {good.working && <OpenWorking working={good.working} />}
      {good.savings.length > 0 && (
        <>
          <h3 className="lettering mt-4 text-ink">What the next saving would be, for each good one</h3>
          <ol>
            {good.savings.map((saving, index) => (
              <li key={`${saving.code} ${saving.words}`} className="hairline py-2 first:border-t-0" data-saving={saving.code}>
                <p className={index === 0 ? 'font-semibold' : ''}>
                  {saving.words}: <span className="figure">{saving.shown}</span>
                </p>
                <OpenWorking working={saving.working} />
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  );
}
