import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const castingsQuery = (page = 1) =>
  queryOptions({
    queryKey: ['castings', 'list', page],
    queryFn: () => answered(api.GET('/api/castings', { params: { query: { page } } })),
  });

/** The latest part of the trail, or the part before an attempt's number. */
export const castingQuery = (id: string, before: number | null = null) =>
  queryOptions({
    queryKey: ['castings', id, before],
    queryFn: () => answered(api.GET('/api/castings/{id}', { params: { path: { id }, query: before === null ? {} : { before } } })),
  });
