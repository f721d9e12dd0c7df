import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type Shape = Schemas['ShapeView'];
export type Measure = Schemas['MeasureView'];
export type Preview = Schemas['Preview'];
export type FirstProduct = Schemas['FirstProduct'];

export function useShapes() {
  return useQuery({
    queryKey: keyOf('starting-shapes'),
    queryFn: () => dataOf(client.GET('/api/starting-shapes')),
    staleTime: Infinity,
  });
}

/** What the answers so far come to; the last good sum stays while the next is worked out. */
export function usePreview(wanted: FirstProduct | undefined) {
  return useQuery({
    queryKey: keyOf('set-up', wanted),
    queryFn: () => {
      if (!wanted) {
        throw new Error('nothing chosen');
      }
      return dataOf(client.POST('/api/set-up/preview', { body: wanted }));
    },
    enabled: wanted !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** Keeps the product with all that it takes; the key makes a second press the same act. */
export function useMakeProduct() {
  return useMutation({
    mutationFn: ({ key, body }: { key: string; body: FirstProduct }) =>
      dataOf(
        client.POST('/api/set-up/product', {
          body,
          params: { header: { 'Idempotency-Key': key } },
        }),
      ),
  });
}
