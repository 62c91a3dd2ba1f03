import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const suggestionsQuery = (casting: string) =>
  queryOptions({
    queryKey: ['suggestions', casting],
    queryFn: () => answered(api.GET('/api/suggestions', { params: { query: casting ? { casting } : {} } })),
  });
