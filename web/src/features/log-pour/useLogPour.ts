import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { answered, api, keepSaved, type Attempt, type AttemptEntry, type FindingEntry } from '../../shared/api';
import type { Draft } from './model';

export const suggestionsQuery = (casting: string) =>
  queryOptions({ queryKey: ['suggestions', casting], queryFn: () => answered(api.GET('/api/suggestions', { params: { query: casting ? { casting } : {} } })) });

interface Save {
  id: string;
  entry: AttemptEntry;
  finding: FindingEntry | null;
  findingId: string;
}

/** Saves the attempt, then its first finding. Both ids are made here: sending either again changes nothing. */
export function useSavePour(onSaved: (attempt: Attempt, questions: string[]) => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async ({ id, entry, finding, findingId }: Save) => {
      const logged = await answered(api.PUT('/api/attempts/{id}', { params: { path: { id } }, body: entry }));
      const attempt = finding ? await answered(api.PUT('/api/attempts/{id}/findings/{finding}', { params: { path: { id, finding: findingId } }, body: finding })) : logged.attempt;
      return { attempt, questions: logged.questions.map((question) => question.message) };
    },
    onSuccess: async ({ attempt, questions }) => {
      await keepSaved(queries, attempt);
      onSaved(attempt, questions);
    },
  });
}

const STORE = 'molten.draft.';

/** A draft from an earlier visit that was never saved, or the start given. */
export function readDraft(key: string, start: Draft): Draft {
  try {
    const kept = localStorage.getItem(STORE + key);
    return kept ? { ...start, ...(JSON.parse(kept) as Draft) } : start;
  } catch {
    // Storage may be forbidden or full of something else: then there is no draft.
    return start;
  }
}

export function hasDraft(key: string): boolean {
  return typeof localStorage !== 'undefined' && localStorage.getItem(STORE + key) !== null;
}

export function dropDraft(key: string): void {
  localStorage.removeItem(STORE + key);
}

/** Keeps what is being written on this device until it is saved: a dead battery or a lost connection loses nothing. */
export function useKeepDraft(key: string, draft: Draft, dirty: boolean): void {
  useEffect(() => {
    if (dirty) localStorage.setItem(STORE + key, JSON.stringify(draft));
  }, [key, draft, dirty]);
}
