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

/** Grams or kilograms as a wet bench types them: read here, so that no network is needed. */
const PLAIN_MASS = /^(\d+(?:\.\d+)?)\s*(g|kg)?$/i;

/** Reads a mass at the bench, grams unless it says otherwise; plain ones without the server. */
export function useBenchReader() {
  const read = useReader();
  return async (text: string) => {
    const plain = PLAIN_MASS.exec(text.trim());
    return plain
      ? Number(plain[1]) / (plain[2]?.toLowerCase() === 'kg' ? 1 : 1000)
      : read(withUnit(text, 'g'), 'mass');
  };
}
