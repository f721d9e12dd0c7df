import { useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type Day = Schemas['DayView'];

/** A day of the plan: who does what, and what is to be fetched. */
export function useDay(date: string) {
  return useQuery({
    queryKey: keyOf('plan', 'day', date),
    queryFn: () => dataOf(client.GET('/api/plan/days/{date}', { params: { path: { date } } })),
  });
}
