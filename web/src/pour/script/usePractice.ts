import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf } from '../../api/client';
import type { Fact, Session } from './facts';
import type { Opening } from './usePourSession';
import { keyOf } from '../../server/keys';
import { marked } from './marks';

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
    queryFn: async () => {
      if (!meant) {
        throw new Error('no sheet yet');
      }
      const state = await dataOf(client.POST('/api/pours/practice', { body: { meant, facts } }));
      return { state, after: facts.length };
    },
    enabled: meant !== undefined && facts.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
  });
  // As at the bench: what the server has not answered yet is marked, so that a second press is
  // never one more of the same step.
  const answered = facts.length > 0 ? state.data : undefined;
  const at = answered?.state ?? preview.data?.state;
  const session: Session | undefined = preview.data &&
    at && {
      ...preview.data,
      facts,
      state: { ...at, steps: marked(at.steps, facts.slice(answered?.after ?? 0)) },
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
