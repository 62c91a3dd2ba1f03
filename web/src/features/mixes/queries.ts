import { queryOptions, useMutation } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const recipesQuery = queryOptions({ queryKey: ['recipes'], queryFn: () => answered(api.GET('/api/recipes')) });

export interface Wanted {
  recipe: string;
  attempts: string[];
  volumes: string[];
  area: string | null;
  coats: number;
  temperature: string | null;
  bucket: string | null;
}

export function useBatch() {
  return useMutation({ mutationFn: (body: Wanted) => answered(api.POST('/api/batches', { body })) });
}
