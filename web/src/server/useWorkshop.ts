import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type Workshop = Schemas['WorkshopView'];

export function useWorkshop() {
  return useQuery({
    queryKey: keyOf('workshop'),
    queryFn: () => dataOf(client.GET('/api/workshop')),
    refetchInterval: 60_000,
  });
}

/** The workshop's clock, which in the demo may run ahead of this machine's; ticks every second. */
export function useNow(): number {
  const { data, dataUpdatedAt } = useWorkshop();
  const [tick, setTick] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setTick(Date.now()), 1_000);
    return () => clearInterval(timer);
  }, []);
  const ahead = data ? Date.parse(data.now) - dataUpdatedAt : 0;
  return Math.max(tick, dataUpdatedAt) + ahead;
}

/** The same clock at the moment of a press, to the millisecond: what is pressed is timed by it. */
export function useMoment(): () => number {
  const { data, dataUpdatedAt } = useWorkshop();
  const ahead = data ? Date.parse(data.now) - dataUpdatedAt : 0;
  return () => Date.now() + ahead;
}

/** Keeps the shop's own measures; every sum is asked for anew. */
export function useChangeWorkshop() {
  return useMutation({
    mutationFn: ({ version, body }: { version: number; body: Schemas['WorkshopChange'] }) =>
      dataOf(
        client.PUT('/api/workshop', {
          body,
          params: { header: { 'If-Match': `"${version}"` } },
        }),
      ),
  });
}
