import { useSuspenseQuery } from '@tanstack/react-query';
import { answered, api, type Bin } from '../../shared/api';
import { dayWords } from '../../shared/day';
import { useChange } from '../../shared/record';
import { Pressed } from '../../shared/ui/Pressed';
import { Empty } from '../../shared/ui/states';
import { useSaving } from '../../shared/ui/useSaving';

const KINDS: Record<string, string> = {
  casting: 'Casting with its attempts',
  attempt: 'Attempt',
  heat: 'Melt',
  finding: 'Finding',
  photo: 'Photo',
  workshop_row: 'From the workshop',
};

/** What was thrown away, and how long it can still be had back. */
export function BinPage() {
  const bin = useSuspenseQuery({ queryKey: ['bin'], queryFn: () => answered(api.GET('/api/bin')) }).data;
  const change = useChange();
  const { outcome, run } = useSaving();
  const restore = (thing: Bin['things'][number]) =>
    void run(() =>
      change({
        label: `${thing.words}: out of the bin`,
        path: '/bin',
        changes: [{ part: thing.part, id: thing.id, set: { binned: { was: true, to: false } } }],
      }),
    );
  return (
    <article>
      <h1>Bin</h1>
      <p className="mt-1 text-soft">What you throw away lies here for {bin.days} days and comes back whole.</p>
      <Pressed outcome={outcome} />
      {bin.things.length === 0 ? (
        <Empty title="The bin is empty." />
      ) : (
        <ul className="rule mt-4">
          {bin.things.map((thing) => (
            <li key={thing.id} className="hairline flex flex-wrap items-center justify-between gap-x-6 gap-y-1 py-3 first:border-t-0">
              <span>
                <span className="figure block text-lg">{thing.words}</span>
                <span className="text-soft">
                  {KINDS[thing.part] ?? thing.part} · thrown away {dayWords(thing.binned_on)} ·{' '}
                  {thing.days_left === 1 ? '1 day' : `${thing.days_left} days`} left
                </span>
              </span>
              <button type="button" className="press" onClick={() => restore(thing)}>
                Put back <span className="sr-only">{thing.words}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </article>
  );
}
