import { keepPreviousData, queryOptions, useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answered, api, sendFile, type Layer, type MeshReading, type TypedEntry } from '../../shared/api';

/**
 * A plan for what stands on the screen. The key is the question: an answer to an older one can never take its place; the last good one
 * stays until the new is there.
 */
export const livePlanQuery = (
  attempt: string,
  values: Record<string, TypedEntry>,
  cut: number | null = null,
  layer: Layer['code'] | null = null,
) =>
  queryOptions({
    queryKey: ['plan', attempt, values, cut, layer],
    queryFn: ({ signal }) =>
      answered(
        api.POST('/api/plan', {
          body: { values, attempt, ...(cut === null ? {} : { cut }), ...(layer === null ? {} : { layer }) },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
    gcTime: 60_000,
  });

/** One reading, asked after until it is measured or refused. */
export const meshQuery = (id: string | null) =>
  queryOptions({
    queryKey: ['mesh', id],
    queryFn: () => answered(api.GET('/api/meshes/{id}', { params: { path: { id: id ?? '' } } })),
    enabled: id !== null,
    retry: false,
    refetchInterval: (query) =>
      query.state.status === 'error' || ['done', 'refused'].includes(query.state.data?.state ?? '') ? false : 400,
  });

/** Sends the file as it is; it is read in the background, and asked after until it is measured or refused. */
export function useReadMesh() {
  const [id, setId] = useState<string | null>(null);
  const send = useMutation({
    mutationFn: ({ file, unit }: { file: File; unit: string }) =>
      sendFile<MeshReading>(`/api/meshes?unit=${unit}`, 'application/octet-stream', file),
    onMutate: () => setId(null),
    onSuccess: (taken) => setId(taken.id),
  });
  const reading = useQuery(meshQuery(id));
  return { send, reading: id === null ? null : (reading.data ?? null), error: send.error ?? reading.error };
}
