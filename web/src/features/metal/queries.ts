import { queryOptions, useMutation } from '@tanstack/react-query';
import { answered, api } from '../../shared/api';

export const shelfQuery = queryOptions({ queryKey: ['metal'], queryFn: () => answered(api.GET('/api/metal')) });

export const lotQuery = (id: string) =>
  queryOptions({ queryKey: ['metal', 'lot', id], queryFn: () => answered(api.GET('/api/lots/{id}', { params: { path: { id } } })) });

export const chargeQuery = (attempt: string) =>
  queryOptions({
    queryKey: ['metal', 'charge', attempt],
    queryFn: () => answered(api.GET('/api/attempts/{id}/charge', { params: { path: { id: attempt } } })),
  });

export interface ChargeWish {
  mass: string;
  alloy: string;
  whole: boolean;
  room?: string;
}

export function useOffer() {
  return useMutation({ mutationFn: (body: ChargeWish) => answered(api.POST('/api/charges', { body })) });
}

export function useCorrection(attempt: string) {
  return useMutation({
    mutationFn: (body: { mass: string; found: Record<string, string>; by: string }) =>
      answered(api.POST('/api/attempts/{id}/correction', { params: { path: { id: attempt } }, body })),
  });
}

export interface Window {
  low: string | null;
  high: string | null;
}

export function useMix() {
  return useMutation({
    mutationFn: (body: { melt: string; windows: Record<string, Window>; recovery: Record<string, string> }) =>
      answered(api.POST('/api/mix', { body })),
  });
}
