import {
  MutationCache,
  type Query,
  QueryClient,
  type QueryClientConfig,
} from '@tanstack/react-query';
import { isMadeOf, isOfTheBooks, keyOf } from './keys';

declare module '@tanstack/react-query' {
  interface Register {
    /** asksOnly: sends something to be worked out, and changes nothing in the shop. */
    mutationMeta: { asksOnly?: boolean };
    /** fixed: is worked from, and must not change under the hands of whoever does. */
    queryMeta: { fixed?: boolean };
  }
}

/** Answers that take a moment; nobody waits for them after an act. */
const SLOW = new Set<unknown>(['plan', 'promise', 'use', 'results']);

const growsOld = (query: Query) => isOfTheBooks(query.queryKey) && !query.meta?.fixed;

/** All that is kept is old after an act: who has acted waits until what is seen is read anew. */
async function actDone(queries: QueryClient): Promise<void> {
  const isSlow = (query: Query) => SLOW.has(query.queryKey[0]);
  void queries.invalidateQueries({ predicate: (q) => growsOld(q) && isSlow(q) });
  await queries.invalidateQueries({ predicate: (q) => growsOld(q) && !isSlow(q) });
}

/** What is read from the server, and how it grows old: no act names what it makes old. */
export function queryClient(options: QueryClientConfig['defaultOptions']): QueryClient {
  const queries: QueryClient = new QueryClient({
    defaultOptions: options,
    mutationCache: new MutationCache({
      onSettled: (_data, _error, _variables, _result, mutation) =>
        mutation.meta?.asksOnly ? undefined : actDone(queries),
    }),
  });
  return queries;
}

/** Asks anew for what is made of these words. */
export function topicsChanged(queries: QueryClient, topics: string[]): void {
  void queries.invalidateQueries({
    predicate: (q) => !q.meta?.fixed && isMadeOf(q.queryKey, topics),
  });
}

export function pourChanged(queries: QueryClient, pour: number): void {
  void queries.invalidateQueries({ queryKey: keyOf('pour-session', pour) });
}
