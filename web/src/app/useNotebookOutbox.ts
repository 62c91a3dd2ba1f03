import { useQueryClient, type Query, type QueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Outbox } from '../shared/record';

/** What does not change with a write. */
const LASTING = ['handbook', 'session', 'mesh', 'sign-ins'];

/**
 * Whatever may have changed is asked for again. What is on its way for the first time is not begun anew by that, and may have been answered
 * before the write was kept: it is asked for once more when it is there.
 */
async function readAnew(queries: QueryClient): Promise<void> {
  const changes = (query: Query) => !LASTING.includes(String(query.queryKey[0]));
  const first = queries
    .getQueryCache()
    .findAll({ predicate: changes, fetchStatus: 'fetching' })
    .filter((query) => query.state.data === undefined);
  await queries.invalidateQueries({ predicate: changes });
  await Promise.allSettled(first.map((query) => query.promise));
  if (first.length > 0) await queries.invalidateQueries({ predicate: (query) => first.includes(query) });
}

/** The outbox of whoever is signed in: it sends as long as the notebook is open, and everything shown is read anew after what it sent. */
export function useNotebookOutbox(account: string): Outbox {
  const queries = useQueryClient();
  const [outbox] = useState(
    () =>
      new Outbox(
        account,
        () => readAnew(queries),
        () => queries.refetchQueries({ queryKey: ['session'] }),
      ),
  );
  useEffect(() => outbox.open(), [outbox]);
  return outbox;
}
