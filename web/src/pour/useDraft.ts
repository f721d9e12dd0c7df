import { useState } from 'react';
import { type Draft, freshDraft } from './draft';

/** A sheet's progress, kept on this device: a sleeping tablet loses nothing. */
export function useDraft(name: string) {
  const key = `ironshelf-pour-${name}`;
  const [draft, setDraft] = useState<Draft>(() => {
    const kept = localStorage.getItem(key);
    if (kept) {
      try {
        return { ...freshDraft(''), ...(JSON.parse(kept) as Draft) };
      } catch {
        // Something else wrote there; start anew.
      }
    }
    return freshDraft(crypto.randomUUID());
  });
  const keep = (next: Draft) => {
    localStorage.setItem(key, JSON.stringify(next));
    setDraft(next);
  };
  return { draft, keep, drop: () => localStorage.removeItem(key) };
}
