import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { answered, api, type ChangeSheet, type TypedEntry } from '../../shared/api';

export const sheetQuery = (id: string) =>
  queryOptions({ queryKey: ['change-sheet', id], queryFn: () => answered(api.GET('/api/attempts/{id}/change-sheet', { params: { path: { id } } })) });

export function useSheetActions(id: string, onStarted: (next: string) => void) {
  const queries = useQueryClient();
  const accept = useMutation({
    mutationFn: (accepted: { remedy: string; new?: TypedEntry }[]) => answered(api.PUT('/api/attempts/{id}/change-sheet', { params: { path: { id } }, body: { accepted } })),
    onSuccess: (sheet: ChangeSheet) => queries.setQueryData(['change-sheet', id], sheet),
  });
  const start = useMutation({
    mutationFn: (next: string) => answered(api.POST('/api/attempts/{id}/next', { params: { path: { id } }, body: { id: next } })),
    onSuccess: async (attempt) => {
      queries.setQueryData(['attempts', attempt.id], attempt);
      await Promise.all([['attempts', id], ['change-sheet', id], ['bench'], ['castings'], ['ledger']].map((queryKey) => queries.invalidateQueries({ queryKey })));
      onStarted(attempt.id);
    },
  });
  return { accept, start };
}
