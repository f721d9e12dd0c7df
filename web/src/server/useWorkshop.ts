import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { aheadMs, setByServer } from '../kit/style/clock';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type Workshop = Schemas['WorkshopView'];

export function useWorkshop() {
  return useQuery({
    queryKey: keyOf('workshop'),
    queryFn: async () => {
      const workshop = await dataOf(client.GET('/api/workshop'));
      setByServer(workshop.now);
      return workshop;
    },
    refetchInterval: 60_000,
  });
}

/** The shop's clock on a page: it ticks every second. */
export function useNow(): number {
  const { dataUpdatedAt } = useWorkshop();
  const [tick, setTick] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setTick(Date.now()), 1_000);
    return () => clearInterval(timer);
  }, []);
  return Math.max(tick, dataUpdatedAt) + aheadMs();
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
