import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { client, dataOf, done, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type Session = Schemas['SessionView'];

const KEY = keyOf('session');
const LOOK_MS = 60_000;

const KEPT = 'session';

/** A page that is loaded anew in the same tab shows at once what it showed; the server still decides. */
function remembered(): Session | undefined {
  try {
    const kept = sessionStorage.getItem(KEPT);
    return kept ? (JSON.parse(kept) as Session) : undefined;
  } catch {
    return undefined;
  }
}

function remember(session: Session): void {
  try {
    if (session.role === undefined) {
      sessionStorage.removeItem(KEPT);
    } else {
      sessionStorage.setItem(KEPT, JSON.stringify(session));
    }
  } catch {
    // Without a store each load asks first.
  }
}

/** Who is here; asked again each minute, since an owner may end it. */
export function useSession() {
  return useQuery({
    queryKey: KEY,
    queryFn: async () => {
      const session = await dataOf(client.GET('/api/session'));
      remember(session);
      return session;
    },
    initialData: remembered,
    initialDataUpdatedAt: 0,
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
      remember(session);
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
    mutationFn: () => done(client.DELETE('/api/session')),
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
