import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const whyQuery = (id: string) =>
  queryOptions({ queryKey: ['why', id], queryFn: () => answered(api.GET('/api/attempts/{id}/diagnosis', { params: { path: { id } } })) });
