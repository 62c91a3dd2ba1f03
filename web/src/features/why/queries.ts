import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { answered, api, type Why } from '../../shared/api';

export const whyQuery = (id: string) => queryOptions({ queryKey: ['why', id], queryFn: () => answered(api.GET('/api/attempts/{id}/diagnosis', { params: { path: { id } } })) });

type Answer = 'yes' | 'no' | 'unclear' | null;
type Opinion = 'confirmed' | 'suspected' | 'ruled_out' | null;

/** Each answer comes back with the new ranking: it stands on the screen at once. */
export function useWhyActions(id: string) {
  const queries = useQueryClient();
  const onSuccess = async (why: Why) => {
    queries.setQueryData(['why', id], why);
    await Promise.all([['attempts', id], ['change-sheet', id], ['bench'], ['castings']].map((queryKey) => queries.invalidateQueries({ queryKey })));
  };
  const answer = useMutation({
    mutationFn: ({ check, answer }: { check: string; answer: Answer }) =>
      answered(api.PUT('/api/attempts/{id}/answers/{check}', { params: { path: { id, check } }, body: { answer } })),
    onSuccess,
  });
  const opinion = useMutation({
    mutationFn: ({ cause, opinion }: { cause: string; opinion: Opinion }) =>
      answered(api.PUT('/api/attempts/{id}/opinions/{cause}', { params: { path: { id, cause } }, body: { opinion } })),
    onSuccess,
  });
  return { answer, opinion };
}
