import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Outbox } from '../shared/record';

/** What does not change with a write. */
const LASTING = ['handbook', 'session', 'mesh', 'sign-ins'];

/** The outbox of whoever is signed in: it sends as long as the notebook is open, and everything shown is read anew after what it sent. */
export function useNotebookOutbox(account: string): Outbox {
  const queries = useQueryClient();
  const [outbox] = useState(
    () =>
      new Outbox(
        account,
        () => queries.invalidateQueries({ predicate: (query) => !LASTING.includes(String(query.queryKey[0])) }),
        () => queries.refetchQueries({ queryKey: ['session'] }),
      ),
  );
  useEffect(() => outbox.open(), [outbox]);
  return outbox;
}
