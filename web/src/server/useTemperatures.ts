import { useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type Place = Schemas['TemperatureView'];

/** What the places of the shop have, and have had. */
export function useTemperatures() {
  return useQuery({
    queryKey: keyOf('temperatures'),
    queryFn: () => dataOf(client.GET('/api/temperatures')),
    refetchInterval: 60_000,
  });
}

function useThen<T>(mutationFn: (body: T) => Promise<unknown>) {
  return useMutation({
    mutationFn,
  });
}

/** Keeps what somebody read off a thermometer. */
export const useKeepReading = () =>
  useThen<{ place: string; at: string; celsius: number }>(({ place, at, celsius }) =>
    dataOf(
      client.POST('/api/temperatures/{place}/readings', {
        params: { path: { place } },
        body: { readings: [{ at, celsius }] },
      }),
    ),
  );

/** What is done to the demo's stand-in probes. */
export const useProbes = () =>
  useThen<Schemas['ProbeRequest']>((body) =>
    client.POST('/api/stand-ins/probes', { body }).then((answer) => {
      if (answer.error !== undefined) {
        throw new Error('The demo’s probes could not be reached.');
      }
    }),
  );
