import { useQuery } from '@tanstack/react-query';
import { client, dataOf } from '../../api/client';
import { keyOf } from '../../server/keys';

/** Free moulds for what is in the bowls of a pour; none while it is practised. */
export function useRoom(pour: number) {
  return useQuery({
    queryKey: keyOf('room', pour),
    queryFn: () => dataOf(client.GET('/api/pours/{id}/room', { params: { path: { id: pour } } })),
    enabled: pour > 0,
  });
}
