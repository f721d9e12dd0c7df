import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { momentOf } from '../kit/style/time';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type PourRow = Schemas['PourRow'];
export type Stands = PourRow['status'];

export interface PoursWanted {
  search: string;
  /** A day as it travels, or empty: any. */
  day: string;
  colourwayId: string;
  status: Stands | '';
  page: number;
}

/** Pours that were made, the latest first. */
export function usePours({ search, day, colourwayId, status, page }: PoursWanted) {
  const from = day ? momentOf(day, '00:00') : undefined;
  const to = from === undefined ? undefined : momentOf(day, '24:00');
  return useQuery({
    queryKey: keyOf('pours', search, day, colourwayId, status, page),
    queryFn: () =>
      dataOf(
        client.GET('/api/pours', {
          params: {
            query: {
              page,
              ...(search && { search }),
              ...(from !== undefined &&
                to !== undefined && {
                  from: new Date(from).toISOString(),
                  to: new Date(to).toISOString(),
                }),
              ...(colourwayId && { colourwayId: Number(colourwayId) }),
              ...(status && { status }),
            },
          },
        }),
      ),
    placeholderData: keepPreviousData,
  });
}
