import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { answered, api, type WorkshopEntry } from '../../shared/api';

export const workshopQuery = queryOptions({ queryKey: ['workshop'], queryFn: () => answered(api.GET('/api/workshop')) });

export function useSaveWorkshop() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: WorkshopEntry) => answered(api.PUT('/api/workshop', { body })),
    onSuccess: async (workshop) => {
      queries.setQueryData(['workshop'], workshop);
      await queries.invalidateQueries({ queryKey: ['plan'] });
    },
  });
}

export interface Window {
  low: string | null;
  high: string | null;
}

export function useMix() {
  return useMutation({ mutationFn: (body: { melt: string; windows: Record<string, Window>; recovery: Record<string, string> }) => answered(api.POST('/api/mix', { body })) });
}
