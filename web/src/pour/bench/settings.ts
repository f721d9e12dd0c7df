import { useState } from 'react';

/** What this device knows of the bench that it stands at. */
export interface BenchSettings {
  /** Its name, where a shop has several. */
  bench: string;
  person: string;
  /** Whether a steady reading within tolerance is taken by itself. */
  takesItself: boolean;
  /** Whether the next thing is said aloud. */
  speaks: boolean;
}

const KEPT = 'ironshelf-bench';
const AT_FIRST: BenchSettings = { bench: '', person: '', takesItself: true, speaks: false };

export function useBenchSettings() {
  const [settings, set] = useState<BenchSettings>(() => {
    try {
      const kept = JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Partial<BenchSettings>;
      return { ...AT_FIRST, ...kept };
    } catch {
      return AT_FIRST;
    }
  });
  const keep = (change: Partial<BenchSettings>) => {
    const next = { ...settings, ...change };
    localStorage.setItem(KEPT, JSON.stringify(next));
    set(next);
  };
  return { settings, keep };
}

/** Who and where, as a fact says it. */
export function notedBy({ bench, person }: BenchSettings) {
  return { ...(bench && { bench }), ...(person && { person }) };
}
