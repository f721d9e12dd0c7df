import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf } from '../../api/client';
import type { Fact, Session } from './facts';
import type { Opening } from './usePourSession';
import { keyOf } from '../../server/keys';

/** A pour that is only practised: its facts stay on this page, and nothing is kept. */
export function usePractice(opening: Opening) {
  const [facts, setFacts] = useState<Fact[]>([]);
  const preview = useQuery({
    queryKey: keyOf('practice', opening),
    queryFn: () => dataOf(client.POST('/api/pours/preview', { body: opening })),
    staleTime: Infinity,
    retry: false,
  });
  const meant = preview.data?.meant;
  const state = useQuery({
    queryKey: keyOf('practice-state', opening, facts),
    queryFn: () => {
      if (!meant) {
        throw new Error('no sheet yet');
      }
      return dataOf(client.POST('/api/pours/practice', { body: { meant, facts } }));
    },
    enabled: meant !== undefined && facts.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const session: Session | undefined = preview.data && {
    ...preview.data,
    facts,
    state: facts.length > 0 && state.data ? state.data : preview.data.state,
  };
  return {
    session,
    error: preview.error ?? state.error,
    note: (more: Fact[]) => setFacts((before) => [...before, ...more]),
    /** Drops what was refused, or what is undone. */
    drop: (gone: Fact[]) => setFacts((before) => before.filter((f) => !gone.includes(f))),
    restart: () => setFacts([]),
  };
}
