import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, Problem, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type Sheet = Schemas['SheetView'];
export type PourRequest = Schemas['PourRequest'];
export type Poured = Schemas['PourView'];

export type SheetFill = Schemas['SheetFill'];
export type WaitingLayer = Schemas['WaitingLayer'];

/** A product's copies to fill, and the order line that they are for. */
export interface FillWanted {
  productId: number;
  lineId?: number;
  copyIds: number[];
}

export interface Wanted {
  fills: FillWanted[];
  colourwayId: number;
  firstLayer?: number;
  waterC?: number;
  minutesWanted?: number;
}

/** Where the sheet for that is. */
export function sheetPath(wanted: Wanted): string {
  return `/pour/sheet?${sheetQuery(wanted)}`;
}

/** What a sheet is for, as its address says it: product-line-copies, one after the other. */
export function sheetQuery({ fills, colourwayId, firstLayer }: Wanted): string {
  const said = fills.map(
    (f) => `${f.productId}-${f.lineId ?? 0}-${[...f.copyIds].sort((a, b) => a - b).join('.')}`,
  );
  const layer = firstLayer ? `&layer=${firstLayer}` : '';
  return `fills=${said.join('_')}&colourway=${colourwayId}${layer}`;
}

/** Whether what it is poured onto should wait longer: then somebody says why it does not. */
export function isEarly(sheet: Sheet): boolean {
  return sheet.warnings.some((w) => w.code === 'layer.early');
}

/** Where the sheet of a waiting layer is. */
export function pathOf(waiting: WaitingLayer): string {
  return sheetPath({
    fills: [{ productId: waiting.productId, copyIds: waiting.copyIds }],
    colourwayId: waiting.colourwayId,
    firstLayer: waiting.layerNo,
  });
}

/** Whether any copy is chosen to be poured into. */
export function isChosen(wanted: Wanted): boolean {
  return wanted.fills.some((fill) => fill.copyIds.length > 0);
}

/** What a sheet's address asks for. */
export function wantedOf(params: URLSearchParams): Wanted {
  return {
    fills: (params.get('fills') ?? '')
      .split('_')
      .filter(Boolean)
      .map((said) => {
        const [productId = '', lineId = '', copies = ''] = said.split('-');
        return {
          productId: Number(productId),
          ...(Number(lineId) > 0 && { lineId: Number(lineId) }),
          copyIds: copies.split('.').map(Number).filter(Boolean),
        };
      }),
    colourwayId: Number(params.get('colourway')),
    firstLayer: Number(params.get('layer') ?? 0),
  };
}

export function useSheet(wanted: Wanted | undefined, fixed = false) {
  return useQuery({
    queryKey: keyOf('sheet', wanted),
    queryFn: () => {
      if (!wanted) {
        throw new Error('nothing chosen');
      }
      return dataOf(
        client.POST('/api/pours/sheet', {
          body: {
            ...wanted,
            fills: wanted.fills.map(({ productId, copyIds }) => ({ productId, copyIds })),
          },
        }),
      );
    },
    enabled: wanted !== undefined && isChosen(wanted),
    placeholderData: keepPreviousData,
    retry: false,
    // A sheet that is being poured from must not change under the pourer's hands.
    ...(fixed && {
      staleTime: Infinity,
      refetchOnWindowFocus: false,
      refetchOnReconnect: false,
      meta: { fixed: true },
    }),
  });
}

/** How often a pour is sent again while the workshop's computer is not reached. */
const TRIES = 60;
const AGAIN_MS = 3_000;

/**
 * Books a pour. The key makes a second press, and every sending again, the same act; a lost network
 * is waited for.
 */
export function usePoured() {
  return useMutation({
    retry: (tries, error) => error instanceof Problem && error.code === 'network' && tries < TRIES,
    retryDelay: AGAIN_MS,
    mutationFn: ({ key, body }: { key: string; body: PourRequest }) =>
      dataOf(
        client.POST('/api/pours/recorded', {
          body,
          params: { header: { 'Idempotency-Key': key } },
        }),
      ),
  });
}

/** Castings that wait for their next layer. */
export function useWaiting() {
  return useQuery({
    queryKey: keyOf('waiting'),
    queryFn: () => dataOf(client.GET('/api/pours/waiting')),
  });
}

/** Takes a booking back that should not have been made. */
export function useUndo() {
  return useMutation({
    mutationFn: async ({ key, id }: { key: string; id: number }) => {
      const { error } = await client.POST('/api/pours/{id}/undo', {
        params: { path: { id }, header: { 'Idempotency-Key': key } },
      });
      if (error) {
        await dataOf(Promise.resolve({ error }));
      }
    },
  });
}
