import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { pourChanged, topicsChanged } from './queries';

interface Change {
  words: string[];
  pours: number[];
}

/**
 * Keeps what is on the screen as the shop is, whoever changed it.
 *
 * @param isSending whether facts of a pour are on their way from here: their answer says the same
 */
export function useChanges(isSending: (pour: number) => boolean): void {
  const queries = useQueryClient();
  useEffect(() => {
    if (typeof EventSource === 'undefined') {
      return;
    }
    const source = new EventSource('/api/changes');
    source.onmessage = (event) => {
      const { words, pours } = JSON.parse(String(event.data)) as Change;
      topicsChanged(queries, words);
      pours.filter((pour) => !isSending(pour)).forEach((pour) => pourChanged(queries, pour));
    };
    // What happened while nobody was connected was told to nobody.
    let connected = false;
    source.onopen = () => {
      if (connected) {
        void queries.invalidateQueries();
      }
      connected = true;
    };
    return () => source.close();
  }, [queries, isSending]);
}
