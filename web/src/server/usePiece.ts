import { useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type PieceUse = Schemas['PieceUse'];
export type PieceDone = Schemas['PieceDone'];
export type StrengthView = Schemas['StrengthView'];

/** What is in a piece and what it cost. */
export function usePieceUse(id: string) {
  return useQuery({
    queryKey: keyOf('use', 'piece', id),
    queryFn: () =>
      dataOf(client.GET('/api/use/pieces/{id}', { params: { path: { id: Number(id) } } })),
  });
}

/** What was done to it, in order. */
export function usePieceSteps(id: string) {
  return useQuery({
    queryKey: keyOf('piece', id, 'steps'),
    queryFn: () =>
      dataOf(client.GET('/api/pieces/{id}/steps', { params: { path: { id: Number(id) } } })),
  });
}

/** How strong it is by its own temperatures. */
export function useStrength(id: string) {
  return useQuery({
    queryKey: keyOf('piece', id, 'strength'),
    queryFn: () =>
      dataOf(client.GET('/api/pieces/{id}/strength', { params: { path: { id: Number(id) } } })),
  });
}

/** The photos of some acts. */
export function usePhotos(acts: number[]) {
  return useQuery({
    queryKey: keyOf('photos', acts),
    enabled: acts.length > 0,
    queryFn: () => dataOf(client.GET('/api/photos', { params: { query: { acts } } })),
  });
}
