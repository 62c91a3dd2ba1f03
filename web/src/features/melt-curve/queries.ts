import { queryOptions, useMutation, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { answered, api, sendFile, type Curve, type CurveSeries } from '../../shared/api';
import { joined, newest } from './model';

const EVERY = 2000;
/** What came late lies before the newest reading: now and then all of it is asked for. */
const WHOLE_EVERY = 45_000;
/** Readings older than this do not go on: there is nothing to watch. */
const LIVE_S = 300;

export interface Part {
  from: number;
  to: number;
}

const keyOf = (id: string, part: Part | null) => ['heats', id, 'curve', part?.from ?? null, part?.to ?? null];

export const curveQuery = (client: QueryClient, id: string, part: Part | null) =>
  queryOptions({
    queryKey: keyOf(id, part),
    queryFn: async (): Promise<Curve & { wholeAt: number }> => {
      const before = client.getQueryData<Curve & { wholeAt: number }>(keyOf(id, part));
      const whole = !before || Date.now() - before.wholeAt > WHOLE_EVERY;
      const curve = await answered(
        api.GET('/api/heats/{id}/curve', {
          params: {
            path: { id },
            query: {
              ...(whole ? {} : { after: String(newest(before)) }),
              ...(part ? { from: String(part.from), to: String(part.to) } : {}),
            },
          },
        }),
      );
      if (whole) return { ...curve, wholeAt: Date.now() };
      // An instrument that is listened to since just now has readings from before.
      const known = (one: CurveSeries) => before.series.some((is) => is.instrument === one.instrument && is.quantity === one.quantity);
      return { ...joined(before, curve), wholeAt: curve.series.every(known) ? before.wholeAt : 0 };
    },
    refetchInterval: ({ state }) =>
      state.data && state.data.listens.some((one) => one.to === null && state.data && state.data.now - (one.seen_at ?? 0) < LIVE_S)
        ? EVERY
        : EVERY * 5,
    placeholderData: (before) => before,
  });

/** A file of lines goes up as it is. */
export function useImport(id: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (file: File) =>
      sendFile<{ accepted: number; known: number; refused: { message: string }[] }>(
        `/api/heats/${id}/curve?name=${encodeURIComponent(file.name)}`,
        'text/csv',
        file,
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: ['heats', id] }),
  });
}
