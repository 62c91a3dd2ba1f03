import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const attemptQuery = (id: string) =>
  queryOptions({ queryKey: ['attempts', id], queryFn: () => answered(api.GET('/api/attempts/{id}', { params: { path: { id } } })) });
