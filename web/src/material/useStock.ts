import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';

export type Stock = Schemas['StockView'];
export type Lot = Schemas['LotView'];

export function useStock() {
  return useQuery({
    queryKey: ['stock'],
    queryFn: () => dataOf(client.GET('/api/materials')),
  });
}

/** What can be done to materials and lots; each gives the stock anew. */
export function useStockActs() {
  const queries = useQueryClient();
  const settled = {
    onSuccess: () =>
      Promise.all(
        ['stock', 'recipes', 'recipe', 'sheet'].map((k) =>
          queries.invalidateQueries({ queryKey: [k] }),
        ),
      ),
  };
  const once = () => ({ 'Idempotency-Key': crypto.randomUUID() });
  return {
    receive: useMutation({
      mutationFn: ({ id, body }: { id: number; body: Schemas['DeliveryRequest'] }) =>
        dataOf(
          client.POST('/api/materials/{id}/lots', {
            body,
            params: { path: { id }, header: once() },
          }),
        ),
      ...settled,
    }),
    count: useMutation({
      mutationFn: ({ id, body }: { id: number; body: Schemas['LotRequest'] }) =>
        dataOf(
          client.POST('/api/lots/{id}/count', { body, params: { path: { id }, header: once() } }),
        ),
      ...settled,
    }),
    open: useMutation({
      mutationFn: (id: number) =>
        dataOf(client.POST('/api/lots/{id}/open', { params: { path: { id } } })),
      ...settled,
    }),
    change: useMutation({
      mutationFn: ({ stock, body }: { stock: Stock; body: Schemas['MaterialChange'] }) =>
        dataOf(
          client.PUT('/api/materials/{id}', {
            body,
            params: {
              path: { id: stock.material.id },
              header: { 'If-Match': `"${stock.material.version}"` },
            },
          }),
        ),
      ...settled,
    }),
  };
}
