import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { client, dataOf, type Schemas } from '../api/client';
import { newKey } from '../api/key';
import { keyOf } from './keys';

export type WhatIfRequest = Schemas['WhatIfRequest'];
export type WhatIfView = Schemas['WhatIfView'];
export type CopyHelp = Schemas['CopyHelp'];
export type Tent = Schemas['TentMore'];

/** The plan as it would be with these; nothing is kept. */
export function useWhatIf(request: WhatIfRequest) {
  return useQuery({
    queryKey: keyOf('plan', 'what-if', request),
    queryFn: () => dataOf(client.POST('/api/plan/what-if', { body: request })),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** A tent as one is tried first. */
export function useUsualTent() {
  return useQuery({
    queryKey: keyOf('usual-tent'),
    queryFn: () => dataOf(client.GET('/api/plan/what-if/tent')),
    staleTime: Infinity,
  });
}

/** What one more copy of each mould would take off. */
export function useCopiesThatHelp(expected: boolean) {
  return useQuery({
    queryKey: keyOf('plan', 'what-if', 'copies', expected),
    queryFn: () => dataOf(client.POST('/api/plan/what-if/copies', { body: { expected } })),
    placeholderData: keepPreviousData,
  });
}

/** Makes the shop so; pressed again after a lost answer it is the same press. */
export function useKeepWhatIf() {
  const pressed = useRef({ body: '', key: '' });
  return useMutation({
    mutationFn: (request: WhatIfRequest) => {
      const body = JSON.stringify(request);
      if (pressed.current.body !== body) {
        pressed.current = { body, key: newKey() };
      }
      return dataOf(
        client.POST('/api/plan/what-if/kept', {
          body: request,
          params: { header: { 'Idempotency-Key': pressed.current.key } },
        }),
      );
    },
    onSuccess: () => {
      pressed.current = { body: '', key: '' };
    },
  });
}
