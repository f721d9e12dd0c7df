import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { client, dataOf, type Schemas } from '../api/client';

export type Dimension = Schemas['Reading']['dimension'];

export function reading(text: string, dimension: Dimension) {
  return {
    queryKey: ['quantity', dimension, text],
    queryFn: () => dataOf(client.POST('/api/quantities/read', { body: { text, dimension } })),
    staleTime: Infinity,
    retry: false,
  };
}

/** How the server reads what was typed, as it is typed. */
export function useReading(text: string, dimension: Dimension) {
  const settled = useDeferredValue(text.trim());
  return useQuery({ ...reading(settled, dimension), enabled: settled !== '' });
}

/** A bare number means what the field says it does. */
export function withUnit(text: string, bareUnit: string | undefined): string {
  return bareUnit && /^[\d.,/¼½¾ -]+$/.test(text.trim()) ? `${text.trim()} ${bareUnit}` : text;
}

/** Reads a quantity for good, before it is sent. */
export function useReader() {
  const queries = useQueryClient();
  return async (text: string, dimension: Dimension) =>
    (await queries.fetchQuery(reading(text.trim(), dimension))).value;
}
