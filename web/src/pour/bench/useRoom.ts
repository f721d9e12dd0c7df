import { useQuery } from '@tanstack/react-query';
import { client, dataOf } from '../../api/client';

/** Free moulds for what is in the bowls of a pour; none while it is practised. */
export function useRoom(pour: number) {
  return useQuery({
    queryKey: ['room', pour],
    queryFn: () => dataOf(client.GET('/api/pours/{id}/room', { params: { path: { id: pour } } })),
    enabled: pour > 0,
  });
}
