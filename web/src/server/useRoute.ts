import { useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type RouteStep = Schemas['RouteStep'];
export type RouteLine = Schemas['RouteLine'];
export type RoutePage = Schemas['RoutePage'];

/** The route that a product's next pieces go. */
export function useRoute(productId: string) {
  return useQuery({
    queryKey: keyOf('route', productId),
    queryFn: () =>
      dataOf(
        client.GET('/api/products/{id}/route', { params: { path: { id: Number(productId) } } }),
      ),
    staleTime: 60_000,
  });
}

/** Routes that ship, to be copied. */
export function useStartingRoutes() {
  return useQuery({
    queryKey: keyOf('starting-routes'),
    queryFn: () => dataOf(client.GET('/api/starting-routes')),
    staleTime: Infinity,
  });
}

export function useStations() {
  return useQuery({
    queryKey: keyOf('stations'),
    queryFn: () => dataOf(client.GET('/api/stations')),
  });
}

/** Gives a product another route from now on; pieces on their way keep theirs. */
export function useKeepRoute(productId: string) {
  return useMutation({
    mutationFn: ({ seenId, steps }: { seenId: number; steps: RouteStep[] }) =>
      dataOf(
        client.PUT('/api/products/{id}/route', {
          params: { path: { id: Number(productId) }, header: { 'If-Match': `"${seenId}"` } },
          body: { steps },
        }),
      ),
  });
}

/** The line of a route that is being changed. */
export function useLine(steps: RouteStep[], demouldAgeH: number, dryH: number) {
  return useQuery({
    queryKey: keyOf('route-line', JSON.stringify(steps), demouldAgeH, dryH),
    queryFn: () => dataOf(client.POST('/api/calc/route', { body: { steps, demouldAgeH, dryH } })),
    retry: false,
    placeholderData: (before) => before,
  });
}
