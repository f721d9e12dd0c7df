import { useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type StepKind = Schemas['StepKindView'];
export type Effect = StepKind['effects'][number];
export type OwnKind = Schemas['OwnKind'];

const KEY = keyOf('step-kinds');

/** The kinds of step that the shop knows: those that ship, then its own. */
export function useStepKinds() {
  return useQuery({
    queryKey: KEY,
    queryFn: () => dataOf(client.GET('/api/step-kinds')),
    staleTime: 60_000,
  });
}

/** What a step is called, by its code; the code itself until the words are here. */
export function useStepWords() {
  const { data } = useStepKinds();
  const of = (code: string) => data?.find((k) => k.code === code);
  return {
    todo: (code: string) => of(code)?.todo ?? code,
    done: (code: string | undefined) =>
      code === undefined ? 'scrapped' : (of(code)?.done ?? code),
  };
}

export function useAddKind() {
  return useMutation({
    mutationFn: (body: OwnKind) => dataOf(client.POST('/api/step-kinds', { body })),
  });
}
