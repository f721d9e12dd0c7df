import { useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, done, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type Person = Schemas['PersonView'];
export type Device = Schemas['DeviceView'];
export type SignedIn = Schemas['SignedInView'];
export type Lan = Schemas['LanView'];

export const usePeople = () =>
  useQuery({ queryKey: keyOf('people'), queryFn: () => dataOf(client.GET('/api/people')) });

export const useDevices = () =>
  useQuery({
    queryKey: keyOf('devices'),
    queryFn: () => dataOf(client.GET('/api/devices')),
    refetchInterval: 5_000,
  });

export const useSignedIn = () =>
  useQuery({
    queryKey: keyOf('signed-in'),
    queryFn: () => dataOf(client.GET('/api/sessions')),
    refetchInterval: 15_000,
  });

export const useLan = () =>
  useQuery({ queryKey: keyOf('lan'), queryFn: () => dataOf(client.GET('/api/lan')) });

/** Adds somebody, or changes who is there. */
export function useKeepPerson() {
  return useMutation({
    mutationFn: ({ person, body }: { person?: Person; body: Schemas['PersonRequest'] }) =>
      dataOf(
        person
          ? client.PUT('/api/people/{id}', {
              body,
              params: { path: { id: person.id }, header: { 'If-Match': `"${person.version}"` } },
            })
          : client.POST('/api/people', { body }),
      ),
  });
}

type Ended = 'person' | 'device' | 'session';

/** Ends what can be ended: a person's work here, a device's pairing, a session. */
export function useEnd() {
  return useMutation({
    mutationFn: ({ what, id }: { what: Ended; id: string | number }) => {
      const byId = { params: { path: { id: Number(id) } } };
      return done(
        what === 'person'
          ? client.DELETE('/api/people/{id}', byId)
          : what === 'device'
            ? client.DELETE('/api/devices/{id}', byId)
            : client.DELETE('/api/sessions/{handle}', {
                params: { path: { handle: String(id) } },
              }),
      );
    },
  });
}

/** A code that lets one device in. */
export function useOffer() {
  return useMutation({
    mutationFn: (body: Schemas['OfferRequest']) =>
      dataOf(client.POST('/api/devices/codes', { body })),
  });
}
