import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const attemptPhotosQuery = (id: string) =>
  queryOptions({
    queryKey: ['attempts', id, 'photos'],
    queryFn: () => answered(api.GET('/api/attempts/{id}/photos', { params: { path: { id } } })),
  });

export const castingPhotosQuery = (id: string) =>
  queryOptions({
    queryKey: ['castings', id, 'photos'],
    queryFn: () => answered(api.GET('/api/castings/{id}/photos', { params: { path: { id } } })),
  });
