import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type NextTask = Schemas['NextTask'];

/**
 * What can be begun before the clock shows a time next, and how much of it fits.
 *
 * @param minute that it is now: with each one something may have become due, or late
 */
export function useNext(by: string, minute: number) {
  return useQuery({
    queryKey: keyOf('next', by, minute),
    queryFn: () => dataOf(client.GET('/api/next', { params: { query: { by } } })),
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });
}
