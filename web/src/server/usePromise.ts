import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type PromiseView = Schemas['PromiseView'];
export type ChanceView = Schemas['Chance'];

export interface Asked {
  productId: number;
  colourwayId: number;
  quantity: number;
}

/** The earliest date for all of these; nothing is asked while one of them says nothing yet. */
export function usePromise(lines: Asked[]) {
  const whole = lines.length > 0 && lines.every((l) => l.productId && l.colourwayId && l.quantity);
  return useQuery({
    queryKey: keyOf('promise', lines),
    queryFn: () => dataOf(client.POST('/api/promises', { body: { lines } })),
    enabled: whole,
    placeholderData: keepPreviousData,
    staleTime: 15_000,
  });
}

/** How often which date is kept; asked after the date, because it takes a moment. */
export function useChance(line: Asked | undefined) {
  return useQuery({
    queryKey: keyOf('promise', 'chance', line),
    queryFn: () =>
      dataOf(
        client.POST('/api/promises/chance', {
          body: line ?? { productId: 0, colourwayId: 0, quantity: 0 },
        }),
      ),
    enabled: line !== undefined,
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  });
}

/** What a quote can be promised for. */
export function useOrderPromise(orderId: number, wanted: boolean) {
  return useQuery({
    queryKey: keyOf('promise', 'order', orderId),
    queryFn: () =>
      dataOf(client.GET('/api/orders/{id}/promise', { params: { path: { id: orderId } } })),
    enabled: wanted,
  });
}
