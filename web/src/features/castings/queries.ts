import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answered, api } from '../../shared/api';
import { freshId } from '../../shared/id';

export const castingsQuery = queryOptions({ queryKey: ['castings'], queryFn: () => answered(api.GET('/api/castings')) });

export const castingQuery = (id: string) => queryOptions({ queryKey: ['castings', id], queryFn: () => answered(api.GET('/api/castings/{id}', { params: { path: { id } } })) });

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

/** An attempt that is only planned yet: a blank sheet to plan on. */
export function usePlanAttempt(casting: string, onPlanned: (id: string) => void) {
  const queries = useQueryClient();
  const [id] = useState(() => freshId());
  return useMutation({
    mutationFn: () =>
      answered(
        api.PUT('/api/attempts/{id}', {
          params: { path: { id } },
          body: { casting_id: casting, poured_on: null, verdict: null, note: null, planned: {}, made: {}, observations: [], heat: { id: null } },
        }),
      ),
    onSuccess: async ({ attempt }) => {
      queries.setQueryData(['attempts', attempt.id], attempt);
      await Promise.all(['bench', 'castings', 'ledger'].map((key) => queries.invalidateQueries({ queryKey: [key] })));
      onPlanned(attempt.id);
    },
  });
}
