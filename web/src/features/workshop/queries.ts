import { queryOptions, useMutation } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const workshopQuery = queryOptions({ queryKey: ['workshop'], queryFn: () => answered(api.GET('/api/workshop')) });

export const instrumentsQuery = queryOptions({
  queryKey: ['instruments'],
  queryFn: () => answered(api.GET('/api/instruments')),
});

export interface Window {
  low: string | null;
  high: string | null;
}

export function useMix() {
  return useMutation({
    mutationFn: (body: { melt: string; windows: Record<string, Window>; recovery: Record<string, string> }) =>
      answered(api.POST('/api/mix', { body })),
  });
}
