import type { QueryClient } from '@tanstack/react-query';
import type { Attempt } from './types';

/** Whatever tells of attempts; asked anew after one was saved. */
const TELL_OF_ATTEMPTS = ['bench', 'castings', 'ledger', 'suggestions', 'why', 'change-sheet'];

/** Keeps an attempt as it came back from its save. */
export async function keepSaved(queries: QueryClient, attempt: Attempt): Promise<void> {
  queries.setQueryData(['attempts', attempt.id], attempt);
  await Promise.all(TELL_OF_ATTEMPTS.map((key) => queries.invalidateQueries({ queryKey: [key] })));
}
