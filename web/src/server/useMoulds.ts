import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type Mould = Schemas['MouldView'];
export type Copy = Schemas['CopyView'];

export function useMoulds() {
  return useQuery({
    queryKey: keyOf('moulds'),
    queryFn: () => dataOf(client.GET('/api/moulds', { params: { query: { size: 500 } } })),
  });
}

export function useMould(id: string | number | undefined) {
  return useQuery({
    queryKey: keyOf('mould', String(id)),
    queryFn: () => dataOf(client.GET('/api/moulds/{id}', { params: { path: { id: Number(id) } } })),
    enabled: id !== undefined,
  });
}

/** The kinds that moulds are made of, with what they last here. */
export function useKinds() {
  return useQuery({
    queryKey: keyOf('mould-kinds'),
    queryFn: () => dataOf(client.GET('/api/mould-kinds')),
    staleTime: 300_000,
  });
}

/** Keeps a new mould, or a change of one at the version that was seen. */
export function useKeepMould() {
  return useMutation({
    mutationFn: ({ mould, body }: { mould?: Mould; body: Schemas['NewMould'] }) =>
      mould
        ? dataOf(
            client.PUT('/api/moulds/{id}', {
              body,
              params: {
                path: { id: mould.id },
                header: { 'If-Match': `"${mould.version}"` },
              },
            }),
          )
        : dataOf(client.POST('/api/moulds', { body })),
  });
}

export function useAddCopy(mouldId: number) {
  return useMutation({
    mutationFn: (body: Schemas['CopyRequest']) =>
      dataOf(client.POST('/api/moulds/{id}/copies', { body, params: { path: { id: mouldId } } })),
  });
}

/** The least wall, or thickness, that things of a family want. */
export function useLeastWall(family: Schemas['MouldView']['family']): number | undefined {
  const { data } = useQuery({
    queryKey: keyOf('least-wall', family),
    queryFn: () => dataOf(client.GET('/api/calc/least-wall', { params: { query: { family } } })),
    staleTime: Infinity,
  });
  return data?.leastWallMm;
}

/** A code that one more copy could have. */
export function useNextCode(mouldId: number, wanted: boolean) {
  return useQuery({
    queryKey: keyOf('mould', String(mouldId), 'next-copy'),
    queryFn: () =>
      dataOf(client.GET('/api/moulds/{id}/next-copy', { params: { path: { id: mouldId } } })),
    enabled: wanted,
  });
}

/** What one piece of a mould holds, and weighs, filled with a mix; without one an ordinary mix. */
export function usePieceSum(
  mould: Mould | undefined,
  mix: { densityKgM3: number; retention: number } | undefined,
) {
  return useQuery({
    queryKey: keyOf('mould-sum', mould?.id, 'piece', mix),
    queryFn: () => {
      if (!mould) {
        throw new Error('nothing to fill');
      }
      const filled = mix && { freshDensityKgM3: mix.densityKgM3, retention: mix.retention };
      const body = { ...mould.shape, cavities: 1, ...filled };
      return dataOf(client.POST('/api/calc/mould', { body }));
    },
    enabled: mould !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

/** The mould's sum at a core offset, filled with a mix or, without one, with an ordinary one. */
export function useMouldSum(
  mould: Mould | undefined,
  offsetMm: number,
  densityKgM3?: number,
  wanted = true,
) {
  return useQuery({
    queryKey: keyOf('mould-sum', mould?.id, offsetMm, densityKgM3),
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
            ...(densityKgM3 !== undefined && { freshDensityKgM3: densityKgM3 }),
            minWallMm: mould.leastWallMm,
            wallKind: mould.wallKind,
          },
        }),
      );
    },
    enabled: mould !== undefined && wanted,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}
