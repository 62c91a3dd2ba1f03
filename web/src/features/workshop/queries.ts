import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const workshopQuery = queryOptions({ queryKey: ['workshop'], queryFn: () => answered(api.GET('/api/workshop')) });

export const instrumentsQuery = queryOptions({
  queryKey: ['instruments'],
  queryFn: () => answered(api.GET('/api/instruments')),
});
