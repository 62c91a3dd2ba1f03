import { keepPreviousData, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { answered, api, csrfToken, ProblemError, readProblem, type Attempt, type AttemptEntry, type Mesh, type TypedEntry } from '../../shared/api';

/** A plan for what stands on the screen. The key is the question: an answer to an older one can never take its place; the last good one stays until the new is there. */
export const livePlanQuery = (values: Record<string, TypedEntry>) =>
  queryOptions({
    queryKey: ['plan', values],
    queryFn: ({ signal }) => answered(api.POST('/api/plan', { body: { values }, signal })),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
    gcTime: 60_000,
  });

export function useSavePlan(onSaved: (attempt: Attempt) => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, entry }: { id: string; entry: AttemptEntry }) => answered(api.PUT('/api/attempts/{id}', { params: { path: { id } }, body: entry })),
    onSuccess: async ({ attempt }) => {
      queries.setQueryData(['attempts', attempt.id], attempt);
      await Promise.all(['bench', 'castings', 'ledger', 'suggestions', 'why', 'change-sheet'].map((key) => queries.invalidateQueries({ queryKey: [key] })));
      onSaved(attempt);
    },
  });
}

/** Sends the file as it is: it may be hundreds of megabytes, and nothing of it is kept. */
export function useReadMesh() {
  return useMutation({
    mutationFn: async ({ file, unit }: { file: File; unit: string }): Promise<Mesh> => {
      const response = await fetch(`/api/meshes?unit=${unit}`, {
        method: 'POST',
        credentials: 'same-origin',
        headers: { 'X-CSRF-Token': csrfToken(), 'Content-Type': 'application/octet-stream' },
        body: file,
      });
      const body: unknown = await response.json().catch(() => null);
      if (!response.ok) throw new ProblemError(readProblem(body, response.status));
      return body as Mesh;
    },
  });
}
