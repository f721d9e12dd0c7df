import { useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type Defect = Schemas['DefectView']['defect'];
export type SeenDefect = Schemas['SeenDefect'];
export type Cause = Schemas['CauseView'];
export type Told = NonNullable<Schemas['InspectRequest']['told']>;

/** What may be seen on a piece. */
export function useDefects() {
  return useQuery({
    queryKey: keyOf('defects'),
    queryFn: () => dataOf(client.GET('/api/defects')),
    staleTime: Infinity,
  });
}

/** The likely causes of what is seen, by the piece's own records and what is told besides. */
export function useCauses(pieceId: number, defect: Defect | undefined, told: Told) {
  return useQuery({
    queryKey: keyOf('piece', String(pieceId), 'causes', defect, told),
    enabled: defect !== undefined,
    placeholderData: (before) => before,
    queryFn: () => {
      if (!defect) {
        throw new Error('no defect');
      }
      return dataOf(
        client.POST('/api/pieces/{id}/causes', {
          params: { path: { id: pieceId } },
          body: { defect, told },
        }),
      );
    },
  });
}

export function useInspections(pieceId: number) {
  return useQuery({
    queryKey: keyOf('piece', String(pieceId), 'inspections'),
    queryFn: () =>
      dataOf(client.GET('/api/pieces/{id}/inspections', { params: { path: { id: pieceId } } })),
  });
}

/** Keeps what was seen, once for its key. */
export function useInspect(pieceId: number) {
  return useMutation({
    mutationFn: ({ key, body }: { key: string; body: Schemas['InspectRequest'] }) =>
      dataOf(
        client.POST('/api/pieces/{id}/inspections', {
          body,
          params: { path: { id: pieceId }, header: { 'Idempotency-Key': key } },
        }),
      ),
  });
}
