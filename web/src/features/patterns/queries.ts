import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const patternsQuery = queryOptions({ queryKey: ['patterns'], queryFn: () => answered(api.GET('/api/patterns')) });

/** A pattern, its stages told for a metal and an edge; blank for what it was cast in last, and for no edge. */
export const patternQuery = (id: string, alloy: string, edge: string) =>
  queryOptions({
    queryKey: ['patterns', id, alloy, edge],
    queryFn: () =>
      answered(
        api.GET('/api/patterns/{id}', {
          params: { path: { id }, query: { ...(alloy === '' ? {} : { alloy }), ...(edge === '' ? {} : { edge }) } },
        }),
      ),
    retry: false,
  });
