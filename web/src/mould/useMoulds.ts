import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';

export type Mould = Schemas['MouldView'];
export type Copy = Schemas['CopyView'];

export function useMoulds() {
  return useQuery({
    queryKey: ['moulds'],
    queryFn: () => dataOf(client.GET('/api/moulds', { params: { query: { size: 500 } } })),
  });
}

export function useMould(id: string | number | undefined) {
  return useQuery({
    queryKey: ['mould', String(id)],
    queryFn: () => dataOf(client.GET('/api/moulds/{id}', { params: { path: { id: Number(id) } } })),
    enabled: id !== undefined,
  });
}

export function useProducts() {
  return useQuery({
    queryKey: ['products'],
    queryFn: () => dataOf(client.GET('/api/products')),
    staleTime: 60_000,
  });
}

/** The mould's sum at a core offset and a density. */
export function useMouldSum(mould: Mould | undefined, offsetMm: number, densityKgM3: number) {
  return useQuery({
    queryKey: ['mould-sum', mould?.id, offsetMm, densityKgM3],
    queryFn: () => {
      if (!mould) {
        throw new Error('no mould');
      }
      return dataOf(
        client.POST('/api/calc/mould', {
          body: {
            ...mould.shape,
            coreOffsetMm: offsetMm,
            coreMassKg: mould.coreMassKg,
            freshDensityKgM3: densityKgM3,
            minWallMm: mould.leastWallMm,
            wallKind: mould.wallKind,
          },
        }),
      );
    },
    enabled: mould !== undefined && densityKgM3 > 0,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}
