import { useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type ProductPage = Schemas['ProductPage'];
export type ProductRequest = Schemas['ProductRequest'];
export type Layer = Schemas['ProductLayer'];
export type ProductCard = Schemas['ProductCard'];
export type ProductSheet = Schemas['ProductSheet'];

export function useProducts() {
  return useQuery({
    queryKey: keyOf('products'),
    queryFn: () => dataOf(client.GET('/api/products')),
    staleTime: 60_000,
  });
}

/** Every product with its picture, price, cost, and where its pieces stand. */
export function useProductCards() {
  return useQuery({
    queryKey: keyOf('products', 'cards'),
    queryFn: () => dataOf(client.GET('/api/product-cards')),
  });
}

export function useProduct(id: string) {
  return useQuery({
    queryKey: keyOf('product', id),
    queryFn: () =>
      dataOf(client.GET('/api/products/{id}', { params: { path: { id: Number(id) } } })),
  });
}

/** All that there is to see of one product. */
export function useProductSheet(id: string) {
  return useQuery({
    queryKey: keyOf('product', id, 'sheet'),
    queryFn: () =>
      dataOf(client.GET('/api/products/{id}/sheet', { params: { path: { id: Number(id) } } })),
  });
}

/** Keeps a new product, or a change of one at the version that was seen. */
export function useKeepProduct() {
  return useMutation({
    mutationFn: ({ before, body }: { before?: ProductPage['product']; body: ProductRequest }) =>
      before
        ? dataOf(
            client.PUT('/api/products/{id}', {
              body,
              params: { path: { id: before.id }, header: { 'If-Match': `"${before.version}"` } },
            }),
          )
        : dataOf(client.POST('/api/products', { body })),
  });
}
