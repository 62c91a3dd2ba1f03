import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

/** Which castings are good enough to share what all pours cost. */
export type Counts = 'good' | 'usable';

export const pourCostQuery = (id: string, counts: Counts) =>
  queryOptions({
    queryKey: ['attempts', id, 'cost', counts],
    queryFn: () => answered(api.GET('/api/attempts/{id}/cost', { params: { path: { id }, query: { counts } } })),
  });

export const castingCostQuery = (id: string, counts: Counts) =>
  queryOptions({
    queryKey: ['castings', id, 'cost', counts],
    queryFn: () => answered(api.GET('/api/castings/{id}/cost', { params: { path: { id }, query: { counts } } })),
  });
