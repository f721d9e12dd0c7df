import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { queued } from './queue';

/** What follows each fact of a pour. */
const FOLLOWS = [
  'pours-open',
  'pours',
  'shelf',
  'moulds',
  'mould',
  'orders',
  'order',
  'waiting',
  'stock',
  'use',
  'next',
  'plan',
  'needs',
];

/** Every screen follows each fact of a pour at once, from whatever bench it comes. */
export function usePourChanges(): void {
  const queries = useQueryClient();
  useEffect(() => {
    if (typeof EventSource === 'undefined') {
      return;
    }
    const source = new EventSource('/api/pours/stream');
    source.onmessage = (e) =>
      follow(queries, (JSON.parse(String(e.data)) as { pour: number }).pour);
    // What happened while nobody was connected was told to nobody.
    let connected = false;
    source.onopen = () => {
      if (connected) {
        follow(queries, 0);
      }
      connected = true;
    };
    return () => source.close();
  }, [queries]);
}

function follow(queries: QueryClient, pour: number): void {
  FOLLOWS.forEach((k) => void queries.invalidateQueries({ queryKey: [k] }));
  // What was sent from here is answered by itself.
  if (!queued().waiting.some((w) => w.pour === pour)) {
    void queries.invalidateQueries({ queryKey: ['pour-session', pour] });
  }
}
