import { queryOptions } from '@tanstack/react-query';
import { answered, api, rememberToken } from './client';

/** Who is signed in. Its token is remembered for every write. */
export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: async () => {
    const session = await answered(api.GET('/api/session'));
    rememberToken(session.csrf);
    return session;
  },
  staleTime: 60_000,
});
