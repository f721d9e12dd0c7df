import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type MouldSum = Schemas['MouldCalcResponse'];

/** What the mould being typed comes to. */
export function useLiveSum(body: Schemas['NewMould'] | undefined) {
  const settled = useDeferredValue(body);
  const shape = settled?.shape;
  const request = {
    ...shape,
    coreMassKg: settled?.coreMassKg ?? 0,
    minWallMm: settled?.leastWallMm ?? 0,
    ...(settled?.wallKind && { wallKind: settled.wallKind }),
  };
  return useQuery({
    queryKey: keyOf('live-sum', request),
    queryFn: () => dataOf(client.POST('/api/calc/mould', { body: request })),
    enabled: shape !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
    gcTime: 30_000,
  });
}
