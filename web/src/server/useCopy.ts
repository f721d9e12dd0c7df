import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type History = Schemas['CopyHistory'];
export type Condition = Schemas['CopyView']['condition'];

export function useCopy(id: string) {
  return useQuery({
    queryKey: keyOf('copy', id),
    queryFn: () => dataOf(client.GET('/api/copies/{id}', { params: { path: { id: Number(id) } } })),
  });
}

/** Acts on one copy; each gives its history anew. */
export function useCopyActs(history: History) {
  const queries = useQueryClient();
  const id = history.copy.id;
  const params = {
    path: { id },
    header: { 'If-Match': `"${history.copy.version}"` },
  };
  const settled = {
    onSuccess: (next: History) => queries.setQueryData(keyOf('copy', String(id)), next),
  };
  return {
    mark: useMutation({
      mutationFn: (body: { condition: Condition; reason: string }) =>
        dataOf(client.POST('/api/copies/{id}/marks', { body, params })),
      ...settled,
    }),
    change: useMutation({
      mutationFn: (body: Schemas['CopyRequest']) =>
        dataOf(client.PUT('/api/copies/{id}', { body, params })),
      ...settled,
    }),
    wash: useMutation({
      mutationFn: () =>
        dataOf(client.POST('/api/copies/{id}/washed', { params: { path: { id } } })),
      ...settled,
    }),
    print: useMutation({
      mutationFn: () => dataOf(client.POST('/api/copies/{id}/label', { params: { path: { id } } })),
    }),
  };
}
