import { useQuery } from '@tanstack/react-query';
import { client, dataOf } from '../api/client';
import { keyOf } from './keys';
import type { Group } from './useShelf';

/** The sealer that the next coat of a group takes; by what its first piece took, where that is known. */
export function useCoat(
  { routeId, stepNo, mouldId, pieces }: Pick<Group, 'routeId' | 'stepNo' | 'mouldId' | 'pieces'>,
  tookKg: number | undefined,
) {
  return useQuery({
    queryKey: keyOf('coat', routeId, stepNo, mouldId, pieces, tookKg),
    queryFn: () =>
      dataOf(
        client.GET('/api/routes/{routeId}/steps/{stepNo}/coat', {
          params: {
            path: { routeId, stepNo },
            query: { mouldId, pieces, ...(tookKg !== undefined && { tookKg }) },
          },
        }),
      ),
    placeholderData: (before) => before,
  });
}
