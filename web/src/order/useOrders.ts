import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';

export type Order = Schemas['OrderView'];
export type Line = Schemas['OrderLineView'];

export function useOrders(search: string, page: number) {
  return useQuery({
    queryKey: ['orders', search, page],
    queryFn: () =>
      dataOf(client.GET('/api/orders', { params: { query: { search, page, size: 50 } } })),
    placeholderData: keepPreviousData,
  });
}

export function useOrder(id: string) {
  return useQuery({
    queryKey: ['order', id],
    queryFn: () => dataOf(client.GET('/api/orders/{id}', { params: { path: { id: Number(id) } } })),
  });
}
