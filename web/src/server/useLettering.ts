import { useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { withToken } from '../api/token';
import { keyOf } from './keys';

export type Lettering = Schemas['Lettering'];
export type LetteringRequest = Schemas['LetteringRequest'];
export type StampSet = Schemas['StampSetView'];

const SETS = keyOf('stamp-sets');

/** Where each letter stands; the plan before while it is worked out anew. */
export function useLettering(request: LetteringRequest | undefined) {
  return useQuery({
    queryKey: keyOf('lettering', request),
    enabled: request !== undefined,
    queryFn: () =>
      dataOf(client.POST('/api/calc/lettering', { body: request as LetteringRequest })),
    placeholderData: (before) => before,
    retry: false,
  });
}

export function useStampSets() {
  return useQuery({ queryKey: SETS, queryFn: () => dataOf(client.GET('/api/stamp-sets')) });
}

/** Keeps a set of the shop’s stamps, a new one or one that was seen. */
export function useKeepSet() {
  return useMutation({
    mutationFn: ({ seen, body }: { seen?: StampSet; body: Schemas['StampSetRequest'] }) =>
      seen
        ? dataOf(
            client.PUT('/api/stamp-sets/{id}', {
              params: { path: { id: seen.id }, header: { 'If-Match': `"${seen.version}"` } },
              body,
            }),
          )
        : dataOf(client.POST('/api/stamp-sets', { body })),
  });
}

/** Opens the plan at its true size, as a file to print. */
export async function openTemplate(request: LetteringRequest): Promise<void> {
  const headers = new Headers({ 'Content-Type': 'application/json' });
  withToken(headers);
  const answer = await fetch('/api/calc/lettering/template', {
    method: 'POST',
    headers,
    body: JSON.stringify(request),
  });
  if (!answer.ok) {
    throw new Error('The template could not be made. Try again in a moment.');
  }
  const link = document.createElement('a');
  link.href = URL.createObjectURL(await answer.blob());
  link.download = 'lettering.pdf';
  link.click();
  URL.revokeObjectURL(link.href);
}
