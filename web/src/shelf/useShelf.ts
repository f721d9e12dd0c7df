import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';

export type Group = Schemas['ShelfGroup'];
export type TakeOut = Schemas['TakeOutRequest'];

export function useShelf() {
  return useQuery({
    queryKey: ['shelf'],
    queryFn: () => dataOf(client.GET('/api/shelf')),
    refetchInterval: 15_000,
  });
}

/** Takes castings out; the key makes a second press the same act. */
export function useTakeOut() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ key, body }: { key: string; body: TakeOut }) =>
      dataOf(
        client.POST('/api/shelf/take-out', {
          body,
          params: { header: { 'Idempotency-Key': key } },
        }),
      ),
    onSettled: () =>
      Promise.all(
        ['shelf', 'moulds', 'mould', 'orders', 'order'].map((k) =>
          queries.invalidateQueries({ queryKey: [k] }),
        ),
      ),
  });
}
