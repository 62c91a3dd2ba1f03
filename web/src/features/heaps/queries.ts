import { queryOptions, useMutation } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const heapsQuery = queryOptions({ queryKey: ['heaps'], queryFn: () => answered(api.GET('/api/heaps')) });

export const heapQuery = (id: string) =>
  queryOptions({ queryKey: ['heaps', id], queryFn: () => answered(api.GET('/api/heaps/{id}', { params: { path: { id } } })) });

export interface Targets {
  moisture?: string;
  compactability?: string;
  clay?: string;
  burnt?: string;
}

export function useMending(id: string) {
  return useMutation({
    mutationFn: (body: Targets) => answered(api.POST('/api/heaps/{id}/mending', { params: { path: { id } }, body })),
  });
}
