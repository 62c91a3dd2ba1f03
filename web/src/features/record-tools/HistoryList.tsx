import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { History } from '../../shared/api';
import { momentWords } from '../../shared/day';
import { isBlank, useChange } from '../../shared/record';
import { Pressed } from '../../shared/ui/Pressed';
import { Failed, Loading } from '../../shared/ui/states';
import { useSaving } from '../../shared/ui/useSaving';
import { takenBack } from './model';
import { historyQuery, type Subject } from './queries';

type Entry = History['commands'][number];

const PARTS: Record<string, string> = {
  casting: 'Casting',
  attempt: 'Attempt',
  heat: 'Melt',
  finding: 'Finding',
  photo: 'Photo',
  workshop_row: 'Thing of the workshop',
  workshop: 'Workshop',
};

/** Every change of a record, the latest first: when, on which device, from what to what; and each can be taken back. */
export function HistoryList({ subject, label, path }: { subject: Subject; label: string; path: string }) {
  const [before, setBefore] = useState<number | null>(null);
  const history = useQuery(historyQuery(subject, before));
  const change = useChange();
  const { outcome, run } = useSaving();
  if (history.isPending) return <Loading lines={4} />;
  if (history.isError) return <Failed error={history.error} retry={() => void history.refetch()} />;
  const { commands, older } = history.data;
  const undo = (entry: Entry) =>
    void run(() => change({ label: `${label}: taken back`, path, undoes: entry.id, changes: takenBack(entry) }));
  return (
    <div>
      <Pressed outcome={outcome} />
      {commands.length === 0 && <p className="text-soft">Nothing was changed since it was first kept here.</p>}
      <ol className="rule">
        {commands.map((entry) => (
          <li key={entry.id} className="hairline py-3 first:border-t-0">
            <div className="flex flex-wrap items-baseline justify-between gap-x-4">
              <p className="lettering">
                {momentWords(entry.made_at)} · {entry.device}
                {entry.undoes && ' · taken back'}
              </p>
              {entry.taken_back ? (
                <span className="text-sm text-soft">taken back since</span>
              ) : (
                <button type="button" className="press press-quiet text-sm" onClick={() => undo(entry)}>
                  Take back
                </button>
              )}
            </div>
            <dl>
              {entry.changes.map((row) => (
                <div key={`${row.id} ${row.field}`} className="flex flex-wrap gap-x-3">
                  <dt className="text-soft">{row.field === 'created' ? `${PARTS[row.part] ?? row.part} begun` : row.label}</dt>
                  <dd>
                    {row.field === 'created' ? (
                      ''
                    ) : (
                      <Move was={isBlank(row.was.raw) || row.was.raw === false ? null : row.was.shown} became={row.became.shown} />
                    )}
                  </dd>
                </div>
              ))}
            </dl>
          </li>
        ))}
      </ol>
      <nav className="mt-3 flex gap-2" aria-label="Pages of the history">
        {before !== null && (
          <button type="button" className="press" onClick={() => setBefore(null)}>
            Latest
          </button>
        )}
        {older !== null && (
          <button type="button" className="press" onClick={() => setBefore(older)}>
            Older
          </button>
        )}
      </nav>
    </div>
  );
}

function Move({ was, became }: { was: string | null; became: string }) {
  return (
    <>
      {was !== null && (
        <>
          <s className="text-soft">{was}</s> →{' '}
        </>
      )}
      <span className="figure">{became}</span>
    </>
  );
}
