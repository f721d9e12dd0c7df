import { useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type Needs = Schemas['NeedsView'];
export type Need = Needs['materials'][number];

/** What the plan uses of each material, week by week, and what is to be bought. */
export function useNeeds() {
  return useQuery({ queryKey: keyOf('needs'), queryFn: () => dataOf(client.GET('/api/needs')) });
}
