import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { useOnce } from '../api/useOnce';
import { keyOf } from './keys';

export type Pick = Schemas['PickView'];
export type PackRequest = Schemas['PackRequest'];
export type DispatchView = Schemas['DispatchView'];

export function usePicks() {
  return useQuery({ queryKey: keyOf('picks'), queryFn: () => dataOf(client.GET('/api/picks')) });
}

export function useCarriers() {
  return useQuery({
    queryKey: keyOf('carriers'),
    queryFn: () => dataOf(client.GET('/api/carriers')),
    staleTime: 60_000,
  });
}

/** The parcels as they would be. */
export function usePacking(orderId: number, request: PackRequest, wanted: boolean) {
  return useQuery({
    queryKey: keyOf('picks', orderId, request),
    queryFn: () =>
      dataOf(
        client.POST('/api/orders/{id}/packing', {
          body: request,
          params: { path: { id: orderId } },
        }),
      ),
    enabled: wanted,
    placeholderData: keepPreviousData,
  });
}

export function useDispatches(orderId: number) {
  return useQuery({
    queryKey: keyOf('order', String(orderId), 'dispatches'),
    queryFn: () =>
      dataOf(client.GET('/api/orders/{id}/dispatches', { params: { path: { id: orderId } } })),
  });
}

export function useDispatchActs() {
  return {
    send: useMutation({
      mutationFn: useOnce(
        ({ orderId, body }: { orderId: number; body: PackRequest }, key: string) =>
          dataOf(
            client.POST('/api/orders/{id}/dispatches', {
              body,
              params: { path: { id: orderId }, header: { 'Idempotency-Key': key } },
            }),
          ),
      ),
    }),
    undo: useMutation({
      mutationFn: (id: number) =>
        dataOf(client.POST('/api/dispatches/{id}/undone', { params: { path: { id } } })),
    }),
    takeBack: useMutation({
      mutationFn: useOnce(async (body: Schemas['ReturnRequest'], key: string) => {
        const { error } = await client.POST('/api/returns', {
          body,
          params: { header: { 'Idempotency-Key': key } },
        });
        return error ? dataOf(Promise.resolve({ error })) : true;
      }),
    }),
  };
}
