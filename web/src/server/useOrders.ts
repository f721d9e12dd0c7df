import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type Order = Schemas['OrderView'];
export type ToPour = Schemas['ToPour'];
export type Line = Schemas['OrderLineView'];
export type OrderRequest = Schemas['OrderRequest'];
export type Which = 'open' | 'quotes' | 'closed' | 'all';
export type LineAllotments = Schemas['LineAllotments'];

export function useOrders(search: string, which: Which, page: number) {
  return useQuery({
    queryKey: keyOf('orders', search, which, page),
    queryFn: () =>
      dataOf(client.GET('/api/orders', { params: { query: { search, which, page, size: 50 } } })),
    placeholderData: keepPreviousData,
  });
}

/** Every open line of which something is to be poured, soonest due first. */
export function useToPour() {
  return useQuery({
    queryKey: keyOf('orders', 'to-pour'),
    queryFn: () => dataOf(client.GET('/api/orders/to-pour')),
  });
}

export function useOrder(id: string) {
  return useQuery({
    queryKey: keyOf('order', id),
    queryFn: () => dataOf(client.GET('/api/orders/{id}', { params: { path: { id: Number(id) } } })),
  });
}

export function useCustomers() {
  return useQuery({
    queryKey: keyOf('customers'),
    queryFn: () => dataOf(client.GET('/api/customers')),
  });
}

export function useAllotments(orderId: number) {
  return useQuery({
    queryKey: keyOf('order', String(orderId), 'allotments'),
    queryFn: () =>
      dataOf(client.GET('/api/orders/{id}/allotments', { params: { path: { id: orderId } } })),
  });
}

/** Everything that is done to an order; what hangs on it is asked for anew. */
export function useOrderActs() {
  const at = (order: Order) => ({
    path: { id: order.id },
    header: { 'If-Match': `"${order.version}"` },
  });
  return {
    keep: useMutation({
      mutationFn: ({ before, body, key }: { before?: Order; body: OrderRequest; key: string }) =>
        before
          ? dataOf(client.PUT('/api/orders/{id}', { body, params: at(before) }))
          : dataOf(
              client.POST('/api/orders', { body, params: { header: { 'Idempotency-Key': key } } }),
            ),
    }),
    addCustomer: useMutation({
      mutationFn: (body: Schemas['CustomerRequest']) =>
        dataOf(client.POST('/api/customers', { body })),
    }),
    changeCustomer: useMutation({
      mutationFn: ({
        customer,
        body,
      }: {
        customer: Schemas['CustomerView'];
        body: Schemas['CustomerRequest'];
      }) =>
        dataOf(
          client.PUT('/api/customers/{id}', {
            body,
            params: {
              path: { id: customer.id },
              header: { 'If-Match': `"${customer.version}"` },
            },
          }),
        ),
    }),
    cancel: useMutation({
      mutationFn: (order: Order) =>
        dataOf(client.POST('/api/orders/{id}/cancelled', { params: at(order) })),
    }),
    accept: useMutation({
      mutationFn: (order: Order) =>
        dataOf(client.POST('/api/orders/{id}/accepted', { params: at(order) })),
    }),
    mark: useMutation({
      mutationFn: ({ order, marks }: { order: Order; marks: Schemas['OrderMarks'] }) =>
        dataOf(client.PUT('/api/orders/{id}/marks', { body: marks, params: at(order) })),
    }),
    allotBest: useMutation({
      mutationFn: (id: number) =>
        dataOf(client.POST('/api/orders/{id}/allotments', { params: { path: { id } } })),
    }),
    allotAll: useMutation({
      mutationFn: () => dataOf(client.POST('/api/allotments')),
    }),
    allot: useMutation({
      mutationFn: ({ lineId, pieceIds }: { lineId: number; pieceIds: number[] }) =>
        dataOf(
          client.POST('/api/order-lines/{id}/allotments', {
            body: { pieceIds },
            params: { path: { id: lineId } },
          }),
        ),
    }),
    free: useMutation({
      mutationFn: (pieceIds: number[]) =>
        dataOf(client.POST('/api/allotments/freed', { body: { pieceIds } })),
    }),
    fetchFeed: useMutation({
      mutationFn: () => dataOf(client.POST('/api/shop-feed/fetched')),
    }),
  };
}
