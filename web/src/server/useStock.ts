import { useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { useOnce } from '../api/useOnce';
import { keyOf } from './keys';

export type Stock = Schemas['StockView'];
export type Lot = Schemas['LotView'];
export type Material = Schemas['MaterialView'];
export type MaterialRequest = Schemas['MaterialRequest'];
export type StartingMaterial = Schemas['StartingMaterial'];
export type Role = Material['role'];

export function useStock() {
  return useQuery({
    queryKey: keyOf('stock'),
    queryFn: () => dataOf(client.GET('/api/materials')),
  });
}

/** The materials that ship, to be taken into the shop. */
export function useStartingMaterials() {
  return useQuery({
    queryKey: keyOf('starting-materials'),
    queryFn: () => dataOf(client.GET('/api/starting-materials')),
    staleTime: Infinity,
  });
}

/** How much somebody means by "6 bags" or "20 L" of a material, as it is typed. */
export function useAmount(materialId: number, text: string) {
  return useQuery({
    queryKey: keyOf('amount', materialId, text),
    queryFn: () =>
      dataOf(
        client.POST('/api/materials/{id}/amount', {
          body: { text },
          params: { path: { id: materialId } },
        }),
      ),
    enabled: text.trim() !== '',
    retry: false,
  });
}

/** What can be done to materials and lots; each gives the stock anew. */
export function useStockActs() {
  const by = (key: string) => ({ 'Idempotency-Key': key });
  return {
    receive: useMutation({
      mutationFn: useOnce(
        ({ id, body }: { id: number; body: Schemas['DeliveryRequest'] }, key: string) =>
          dataOf(
            client.POST('/api/materials/{id}/lots', {
              body,
              params: { path: { id }, header: by(key) },
            }),
          ),
      ),
    }),
    count: useMutation({
      mutationFn: useOnce(
        ({ id, body }: { id: number; body: Schemas['LotRequest'] }, key: string) =>
          dataOf(
            client.POST('/api/lots/{id}/count', {
              body,
              params: { path: { id }, header: by(key) },
            }),
          ),
      ),
    }),
    open: useMutation({
      mutationFn: (id: number) =>
        dataOf(client.POST('/api/lots/{id}/open', { params: { path: { id } } })),
    }),
    change: useMutation({
      mutationFn: ({ before, body }: { before?: Material; body: MaterialRequest }) =>
        before
          ? dataOf(
              client.PUT('/api/materials/{id}', {
                body,
                params: {
                  path: { id: before.id },
                  header: { 'If-Match': `"${before.version}"` },
                },
              }),
            )
          : dataOf(client.POST('/api/materials', { body })),
    }),
    take: useMutation({
      mutationFn: (code: string) =>
        dataOf(client.POST('/api/starting-materials/{code}', { params: { path: { code } } })),
    }),
    retire: useMutation({
      mutationFn: ({ id, retired }: { id: number; retired: boolean }) =>
        dataOf(
          client.PUT('/api/materials/{id}/retired', {
            body: { retired },
            params: { path: { id } },
          }),
        ),
    }),
  };
}
