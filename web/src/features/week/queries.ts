import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

/** The clock on the wall where this device is. */
export const zone = () => Intl.DateTimeFormat().resolvedOptions().timeZone;

export const weekQuery = queryOptions({
  queryKey: ['week'],
  queryFn: () => answered(api.GET('/api/week', { params: { query: { zone: zone() } } })),
  // Time goes on while somebody looks.
  refetchInterval: 5 * 60_000,
});

export function useFeed() {
  const client = useQueryClient();
  const settled = { onSettled: () => client.invalidateQueries({ queryKey: ['week'] }) };
  return {
    make: useMutation({ mutationFn: () => answered(api.POST('/api/week/feed')), ...settled }),
    cutOff: useMutation({
      mutationFn: async () => {
        const { error } = await api.DELETE('/api/week/feed');
        if (error) throw new Error('The address could not be cut off.');
      },
      ...settled,
    }),
  };
}
