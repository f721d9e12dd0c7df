import { useMutation, useQuery } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { nowMs, setByServer } from '../kit/style/clock';
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

/** What counts seconds on the screen asks for the time so often. */
export const SECOND_MS = 1_000;

const MINUTE_MS = 60_000;

function everySecond(tick: () => void) {
  const timer = setInterval(tick, SECOND_MS);
  return () => clearInterval(timer);
}

/**
 * The shop's time on a page, which is drawn anew when it comes to the next whole minute, or to
 * whatever else its figures count in; and when the shop's clock is set.
 */
export function useNow(everyMs: number = MINUTE_MS): number {
  useWorkshop();
  useSyncExternalStore(everySecond, () => Math.floor(nowMs() / everyMs));
  return nowMs();
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
