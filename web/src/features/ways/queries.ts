import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

/** Ways of making the part of an attempt; blank offers some. */
export const waysQuery = (id: string, ways: string) =>
  queryOptions({
    queryKey: ['attempts', id, 'ways', ways],
    queryFn: () =>
      answered(
        api.GET('/api/attempts/{id}/ways', {
          params: {
            path: { id },
            query: { zone: Intl.DateTimeFormat().resolvedOptions().timeZone, ...(ways === '' ? {} : { with: ways }) },
          },
        }),
      ),
  });
