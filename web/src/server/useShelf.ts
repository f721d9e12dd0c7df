import { useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { useOnce } from '../api/useOnce';
import { keyOf } from './keys';

type Shelf = Schemas['ShelfView'];
export type Group = Schemas['ShelfGroup'] & { section: Schemas['Section'] };
export type Board = Group['board'];
export type TakeOut = Schemas['TakeOutRequest'];
export type StepRequest = Schemas['StepRequest'];
export type ToWash = Schemas['ToWash'];
type Done = Schemas['Done'];

const EMPTY: Schemas['Section'] = { drawn: false, outer: [], more: [], rimMm: 0 };

/** Gives each group the shape that it is drawn by. */
export function withShapes(shelf: Shelf) {
  const shapes = new Map(shelf.shapes.map((s) => [s.mouldId, s.section]));
  return {
    ...shelf,
    groups: shelf.groups.map((g): Group => ({ ...g, section: shapes.get(g.mouldId) ?? EMPTY })),
  };
}

/** Acts are told by the stream; looking again is for what only time changes. */
export function useShelf(lookMs = 60_000) {
  return useQuery({
    queryKey: keyOf('shelf'),
    queryFn: () => dataOf(client.GET('/api/shelf')),
    select: withShapes,
    refetchInterval: lookMs,
  });
}

/** What was done in the last hours, newest first. */
export function useActs() {
  return useQuery({
    queryKey: keyOf('shelf', 'acts'),
    queryFn: () => dataOf(client.GET('/api/shelf/acts')),
  });
}

/** Acts on the shelf. */
function useAct<T, R>(send: (body: T, key: string) => Promise<R>) {
  return useMutation({
    mutationFn: useOnce(send),
  });
}

const by = (key: string) => ({ header: { 'Idempotency-Key': key } });

export const useTakeOut = () =>
  useAct<TakeOut, Done>((body, key) =>
    dataOf(client.POST('/api/shelf/take-out', { body, params: by(key) })),
  );

export const useStep = () =>
  useAct<StepRequest, Done>((body, key) =>
    dataOf(client.POST('/api/shelf/steps', { body, params: by(key) })),
  );

export const useScrap = () =>
  useAct<Schemas['ScrapRequest'], Done>((body, key) =>
    dataOf(client.POST('/api/shelf/scrap', { body, params: by(key) })),
  );

export const useWash = () =>
  useAct<Schemas['WashRequest'], Shelf>((body) => dataOf(client.POST('/api/shelf/wash', { body })));

export const useBring = () =>
  useAct<Schemas['BringRequest'], Shelf>((body, key) =>
    dataOf(client.POST('/api/shelf/places', { body, params: by(key) })),
  );

export const useUndo = () =>
  useAct<number, Shelf>((id, key) =>
    dataOf(client.POST('/api/shelf/acts/{id}/undo', { params: { ...by(key), path: { id } } })),
  );
