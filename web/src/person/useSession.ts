import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';

export type Session = Schemas['SessionView'];

const KEY = ['session'];
const LOOK_MS = 60_000;

/** Who is here; asked again each minute, since an owner may end it. */
export function useSession() {
  return useQuery({
    queryKey: KEY,
    queryFn: () => dataOf(client.GET('/api/session')),
    refetchInterval: LOOK_MS,
  });
}

/** Whether whoever is here sees prices and keeps people; true until it is known otherwise. */
export function useOwns(): boolean {
  const { data } = useSession();
  return data === undefined || data.role === 'owner';
}

/** What one person saw is not kept on the device for the next. */
function useForget() {
  const queries = useQueryClient();
  return async (session?: Session) => {
    if ('caches' in globalThis) {
      await caches.delete('bench');
    }
    queries.removeQueries({ predicate: (q) => q.queryKey[0] !== KEY[0] });
    if (session) {
      queries.setQueryData(KEY, session);
    }
    await queries.invalidateQueries();
  };
}

export function useSignIn() {
  const forget = useForget();
  return useMutation({
    mutationFn: (body: Schemas['SignInRequest']) => dataOf(client.POST('/api/session', { body })),
    onSuccess: forget,
  });
}

export function useSignOut() {
  const forget = useForget();
  return useMutation({
    mutationFn: async () => {
      const answer = await client.DELETE('/api/session');
      if (answer.error) {
        await dataOf(Promise.resolve(answer));
      }
    },
    onSuccess: () => forget(),
  });
}

export function usePair() {
  const forget = useForget();
  return useMutation({
    mutationFn: (code: string) => dataOf(client.POST('/api/devices/paired', { body: { code } })),
    onSuccess: () => forget(),
  });
}
