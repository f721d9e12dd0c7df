import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { useOnce } from '../api/useOnce';

export type Pick = Schemas['PickView'];
export type PackRequest = Schemas['PackRequest'];
export type DispatchView = Schemas['DispatchView'];

export function usePicks() {
  return useQuery({ queryKey: ['picks'], queryFn: () => dataOf(client.GET('/api/picks')) });
}

export function useCarriers() {
  return useQuery({
    queryKey: ['carriers'],
    queryFn: () => dataOf(client.GET('/api/carriers')),
    staleTime: 60_000,
  });
}

/** The parcels as they would be. */
export function usePacking(orderId: number, request: PackRequest, wanted: boolean) {
  return useQuery({
    queryKey: ['picks', orderId, request],
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
    queryKey: ['order', String(orderId), 'dispatches'],
    queryFn: () =>
      dataOf(client.GET('/api/orders/{id}/dispatches', { params: { path: { id: orderId } } })),
  });
}

export function useDispatchActs() {
  const queries = useQueryClient();
  const onSuccess = () =>
    Promise.all(
      ['picks', 'order', 'orders', 'plan', 'shelf', 'results'].map((k) =>
        queries.invalidateQueries({ queryKey: [k] }),
      ),
    );
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
      onSuccess,
    }),
    undo: useMutation({
      mutationFn: (id: number) =>
        dataOf(client.POST('/api/dispatches/{id}/undone', { params: { path: { id } } })),
      onSuccess,
    }),
    takeBack: useMutation({
      mutationFn: useOnce(async (body: Schemas['ReturnRequest'], key: string) => {
        const { error } = await client.POST('/api/returns', {
          body,
          params: { header: { 'Idempotency-Key': key } },
        });
        return error ? dataOf(Promise.resolve({ error })) : true;
      }),
      onSuccess,
    }),
  };
}
