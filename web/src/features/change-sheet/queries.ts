import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const sheetQuery = (id: string) =>
  queryOptions({
    queryKey: ['change-sheet', id],
    queryFn: () => answered(api.GET('/api/attempts/{id}/change-sheet', { params: { path: { id } } })),
  });
