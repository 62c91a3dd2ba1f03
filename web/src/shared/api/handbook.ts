import { queryOptions, useSuspenseQuery } from '@tanstack/react-query';
import { answered, api } from './client';
import type { Handbook } from './types';

export const handbookQuery = queryOptions({
  queryKey: ['handbook'],
  queryFn: () => answered(api.GET('/api/handbook')),
  staleTime: Number.POSITIVE_INFINITY,
});

/** The words of the trade, loaded once. */
export function useHandbook(): Handbook {
  return useSuspenseQuery(handbookQuery).data;
}

/** The words for a code of a list, or the code itself where an old record holds a word that has gone. */
export function wordsFor(handbook: Handbook, list: string, code: string | null): string {
  return handbook.choices[list]?.find((choice) => choice.code === code)?.label ?? code ?? '';
}

export function defectWords(handbook: Handbook, code: string): string {
  return handbook.defects.find((defect) => defect.code === code)?.label ?? code;
}
