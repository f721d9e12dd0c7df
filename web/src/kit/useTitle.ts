import { useEffect } from 'react';

/** Says in the window's title where we are. */
export function useTitle(title: string): void {
  useEffect(() => {
    document.title = `${title} · Iron Shelf`;
  }, [title]);
}
