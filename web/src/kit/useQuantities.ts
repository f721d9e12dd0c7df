import { useQueries } from '@tanstack/react-query';
import { amount } from './format';
import { type Dimension, reading } from './quantity';
import { readQuantity, valueIn } from './style/read';
import { unitOf } from './style/units';

function here({ text, dimension }: Quantity): number | undefined {
  if (dimension === 'number') {
    return amount(text);
  }
  return dimension === 'area'
    ? valueIn(text, 'area')
    : readQuantity(text, dimension, unitOf(dimension))?.value;
}

export interface Quantity {
  text: string;
  dimension: Dimension | 'number' | 'area';
}

/** What was typed, as kept values; undefined where it cannot be read. */
export function useQuantities(wanted: Quantity[]): (number | undefined)[] {
  const asked = useQueries({
    queries: wanted.map((q) => ({
      ...reading(q.text.trim(), q.dimension as Dimension),
      enabled:
        here(q) === undefined &&
        q.text.trim() !== '' &&
        q.dimension !== 'number' &&
        q.dimension !== 'area',
    })),
  });
  return wanted.map((q, i) => here(q) ?? asked[i]?.data?.value);
}
