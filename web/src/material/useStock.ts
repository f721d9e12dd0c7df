import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { newKey } from '../api/key';
import { client, dataOf, type Schemas } from '../api/client';

export type Stock = Schemas['StockView'];
export type Lot = Schemas['LotView'];
export type Material = Schemas['MaterialView'];
export type MaterialRequest = Schemas['MaterialRequest'];
export type StartingMaterial = Schemas['StartingMaterial'];
export type Role = Material['role'];

export function useStock() {
  return useQuery({
    queryKey: ['stock'],
    queryFn: () => dataOf(client.GET('/api/materials')),
  });
}

/** The materials that ship, to be taken into the shop. */
export function useStartingMaterials() {
  return useQuery({
    queryKey: ['starting-materials'],
    queryFn: () => dataOf(client.GET('/api/starting-materials')),
    staleTime: Infinity,
  });
}

/** How much somebody means by "6 bags" or "20 L" of a material, as it is typed. */
export function useAmount(materialId: number, text: string) {
  return useQuery({
    queryKey: ['amount', materialId, text],
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
  const queries = useQueryClient();
  const settled = {
    onSuccess: () =>
      Promise.all(
        ['stock', 'recipes', 'recipe', 'sheet', 'missing', 'products', 'product', 'needs'].map(
          (k) => queries.invalidateQueries({ queryKey: [k] }),
        ),
      ),
  };
  const once = () => ({ 'Idempotency-Key': newKey() });
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
      ...settled,
    }),
    take: useMutation({
      mutationFn: (code: string) =>
        dataOf(client.POST('/api/starting-materials/{code}', { params: { path: { code } } })),
      ...settled,
    }),
    retire: useMutation({
      mutationFn: ({ id, retired }: { id: number; retired: boolean }) =>
        dataOf(
          client.PUT('/api/materials/{id}/retired', {
            body: { retired },
            params: { path: { id } },
          }),
        ),
      ...settled,
    }),
  };
}
