import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';

export type Sheet = Schemas['PourSheet'];
export type PourRequest = Schemas['PourRequest'];
export type Poured = Schemas['PourView'];

export interface Wanted {
  productId: number;
  colourwayId: number;
  copyIds: number[];
  waterC?: number;
  minutesWanted?: number;
}

export function useSheet(wanted: Wanted | undefined, fixed = false) {
  return useQuery({
    queryKey: ['sheet', wanted],
    queryFn: () => {
      if (!wanted) {
        throw new Error('nothing chosen');
      }
      return dataOf(client.POST('/api/pours/sheet', { body: wanted }));
    },
    enabled: wanted !== undefined && wanted.copyIds.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
    // A sheet that is being poured from must not change under the pourer's hands.
    ...(fixed && { staleTime: Infinity, refetchOnWindowFocus: false, refetchOnReconnect: false }),
  });
}

/** Books a pour; the key makes a second press the same act. */
export function usePoured() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ key, body }: { key: string; body: PourRequest }) =>
      dataOf(client.POST('/api/pours', { body, params: { header: { 'Idempotency-Key': key } } })),
    onSuccess: () =>
      Promise.all(
        ['shelf', 'moulds', 'mould', 'orders', 'order'].map((k) =>
          queries.invalidateQueries({ queryKey: [k] }),
        ),
      ),
  });
}
