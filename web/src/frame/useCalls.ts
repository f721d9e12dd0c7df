import { useEffect, useMemo } from 'react';
import { counted } from '../kit/format';
import { called, notify } from '../next/notify';
import { isDue } from '../shelf/time';
import type { Group } from '../server/useShelf';
import { stepWords } from '../shelf/words';
import { chime } from './chime';

/** Calls for what becomes due, once each: a sound, and a notification where it is allowed. */
export function useCalls(groups: Group[], now: number): void {
  const minute = Math.floor(now / 60_000) * 60_000;
  const due = useMemo(
    () => called(groups.filter((g) => g.gateAt !== undefined && isDue(g, minute))),
    [groups, minute],
  );
  useEffect(() => {
    const keys = new Set(chime(due.map((g) => g.key)));
    for (const group of due.filter((g) => keys.has(g.key))) {
      notify(stepWords(group), counted(group.pieces, group.product), group.key);
    }
  }, [due]);
}
