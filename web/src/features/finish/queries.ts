import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const finishQuery = (id: string) =>
  queryOptions({
    queryKey: ['attempts', id, 'finish'],
    queryFn: () => answered(api.GET('/api/attempts/{id}/finish', { params: { path: { id } } })),
  });
