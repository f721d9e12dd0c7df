import { useQuery } from '@tanstack/react-query';
import { client, dataOf } from '../api/client';
import { keyOf } from './keys';

/** What is missing anywhere in the shop, each with the page that mends it. */
export function useMissing() {
  return useQuery({
    queryKey: keyOf('missing'),
    queryFn: () => dataOf(client.GET('/api/missing')),
  });
}
