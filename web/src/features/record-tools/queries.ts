import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

/** Whose history: "attempts/…", "castings/…" or "workshop". */
export type Subject = `attempts/${string}` | `castings/${string}` | 'workshop';

export const historyQuery = (subject: Subject, before: number | null) =>
  queryOptions({
    queryKey: ['history', subject, before],
    queryFn: () => {
      const [kind, id = ''] = subject.split('/');
      const query = before === null ? {} : { before };
      if (kind === 'attempts') return answered(api.GET('/api/attempts/{id}/history', { params: { path: { id }, query } }));
      if (kind === 'castings') return answered(api.GET('/api/castings/{id}/history', { params: { path: { id }, query } }));
      return answered(api.GET('/api/workshop/history', { params: { query } }));
    },
    staleTime: 0,
  });
