import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';

/** What stands on the shelf follows each fact of a pour at once, from whatever bench it comes. */
export function usePourChanges(): void {
  const queries = useQueryClient();
  useEffect(() => {
    if (typeof EventSource === 'undefined') {
      return;
    }
    const source = new EventSource('/api/pours/stream');
    source.onmessage = () => void queries.invalidateQueries({ queryKey: ['shelf'] });
    return () => source.close();
  }, [queries]);
}
