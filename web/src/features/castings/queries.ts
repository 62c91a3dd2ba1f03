import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const castingsQuery = (page = 1) =>
  queryOptions({ queryKey: ['castings', 'list', page], queryFn: () => answered(api.GET('/api/castings', { params: { query: { page } } })) });

/** The latest part of the trail, or the part before an attempt's number. */
export const castingQuery = (id: string, before: number | null = null) =>
  queryOptions({
    queryKey: ['castings', id, before],
    queryFn: () => answered(api.GET('/api/castings/{id}', { params: { path: { id }, query: before === null ? {} : { before } } })),
  });

interface CastingEntry {
  name: string;
  purpose: 'works' | 'shows' | 'seals' | 'machined' | null;
  wanted: number;
  note: string | null;
}

/** Adds a casting; the id stays the same over retries, so a lost answer does not add it twice. */
export function useAddCasting(onAdded: (id: string) => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, entry }: { id: string; entry: CastingEntry }) => answered(api.PUT('/api/castings/{id}', { params: { path: { id } }, body: entry })),
    onSuccess: async (casting) => {
      await queries.invalidateQueries({ queryKey: ['castings'] });
      onAdded(casting.id);
    },
  });
}
