import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { client, dataOf, Problem, type Schemas } from '../../api/client';
import type { Fact, Session } from './facts';
import { keep, keptPour } from './kept';
import { marked } from './marks';
import { onTaken, queued, send, subscribe, type Waiting } from './queue';
import { keyOf } from '../../server/keys';

export type Opening = Schemas['PourOpening'];

/** Where a pour stands, and what of it waits on this device. */
export interface Going {
  session: Session;
  /** Noted here and not taken yet, in order. */
  waiting: Fact[];
  refused: Waiting[];
  goneSince?: number;
}

const sessionKey = (id: number) => keyOf('pour-session', id);

/** As the server says now; without network as it last said. */
async function load(id: number): Promise<Session> {
  try {
    const session = await dataOf(
      client.GET('/api/pours/{id}/session', { params: { path: { id } } }),
    );
    keep(session);
    return session;
  } catch (error) {
    const last = error instanceof Problem && error.code === 'network' ? keptPour(id) : undefined;
    if (!last) {
      throw error;
    }
    return last;
  }
}

/** A pour as it goes: as the server last said, with what waits here marked. */
export function useSession(id: number) {
  const queries = useQueryClient();
  const queue = useSyncExternalStore(subscribe, queued);
  const { data, error, refetch } = useQuery({
    queryKey: sessionKey(id),
    queryFn: () => load(id),
    // A device without network has what it kept, and is not to wait for better.
    networkMode: 'always',
    retry: false,
  });
  useEffect(() => {
    onTaken((session) => {
      keep(session);
      queries.setQueryData(sessionKey(session.id), session);
    });
    void send();
  }, [queries]);
  const going = useMemo((): Going | undefined => {
    if (!data) {
      return undefined;
    }
    const own = queue.waiting.filter((w) => w.pour === id);
    const waiting = own.filter((w) => w.refused === undefined).flatMap((w) => w.facts);
    const state = { ...data.state, steps: marked(data.state.steps, waiting) };
    return {
      session: { ...data, state },
      waiting,
      refused: own.filter((w) => w.refused !== undefined),
      ...(queue.goneSince !== undefined && { goneSince: queue.goneSince }),
    };
  }, [data, id, queue]);
  return { going, error, refetch };
}

/** Opens a pour; the key makes a second press the same pour. */
export function useOpenPour() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ key, body }: { key: string; body: Opening }) =>
      dataOf(client.POST('/api/pours', { body, params: { header: { 'Idempotency-Key': key } } })),
    onSuccess: (session) => {
      keep(session);
      queries.setQueryData(sessionKey(session.id), session);
    },
  });
}

/** The pours that go on now, the oldest first. */
export function useOpenPours() {
  return useQuery({
    queryKey: keyOf('pours-open'),
    queryFn: () => dataOf(client.GET('/api/pours/open')),
    networkMode: 'always',
  });
}
