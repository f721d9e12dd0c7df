import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { client, dataOf, type Schemas } from '../api/client';
import { entry } from './style/entry';
import { decimalMark } from './style/mark';
import { isBare, type Read, readQuantity } from './style/read';
import { isUs } from './style/style';
import { unitOf } from './style/units';
import { keyOf } from '../server/keys';

export type Dimension = Exclude<Schemas['Reading']['dimension'], 'duration'>;

export function reading(text: string, dimension: Dimension) {
  const mark = decimalMark();
  return {
    queryKey: keyOf('quantity', dimension, mark, text),
    queryFn: () => dataOf(client.POST('/api/quantities/read', { body: { text, dimension, mark } })),
    staleTime: Infinity,
    retry: false,
  };
}

/** A bare number is in the unit that stands beside the field. */
export function withUnit(text: string, unit: string): string {
  return isBare(text) ? `${text.trim()} ${unit}` : text;
}

interface Reading {
  data: Read | undefined;
  error: Error | null;
}

/** How it is read, as it is typed; what is not read here the server reads, or says what is wrong. */
export function useReading(
  text: string,
  dimension: Dimension,
  unit: string = unitOf(dimension),
): Reading {
  const settled = useDeferredValue(text.trim());
  const here = settled === '' ? undefined : readQuantity(settled, dimension, unit);
  const asked = useQuery({
    ...reading(withUnit(settled, unit), dimension),
    enabled: settled !== '' && !here,
  });
  return here ? { data: here, error: null } : { data: asked.data, error: asked.error };
}

/** Reads a quantity for good, before it is sent. */
export function useReader() {
  const queries = useQueryClient();
  return async (text: string, dimension: Dimension, unit: string = unitOf(dimension)) =>
    readQuantity(text, dimension, unit)?.value ??
    (await queries.fetchQuery(reading(withUnit(text.trim(), unit), dimension))).value;
}

const FOREIGN = {
  us: /\b(kg|g|mm|cm|m|L|ml)\b/,
  metric: /\b(lb|oz|in|ft|gal|qt|pt|cup|t[bs]s?p)\b/,
};

/** What was read, and what that is in the shop's own units where it was typed in others. */
export function echoOf({ value, echo }: Read, dimension: Dimension): string {
  return FOREIGN[isUs() ? 'us' : 'metric'].test(echo)
    ? `${echo}, ${entry(value, dimension)}`
    : echo;
}
