import type { Group } from '../shelf/useShelf';
import type { Copy } from './useMoulds';

/** When copies are asked to be free. */
export type When = 'any' | 'now' | 'morning';

export const WHEN: readonly (readonly [When, string])[] = [
  ['any', 'all copies'],
  ['now', 'free now'],
  ['morning', 'free by tomorrow 07:00'],
];

/** Tomorrow at seven, when the shop opens. */
export function tomorrowAtSeven(now: number): number {
  const at = new Date(now);
  at.setDate(at.getDate() + 1);
  at.setHours(7, 0, 0, 0);
  return at.getTime();
}

/** When each pour comes out of its moulds. */
export function gatesByPour(groups: Group[]): Map<number, number> {
  return new Map(
    groups
      .filter((g) => g.casts.length > 0 && g.pourId !== undefined && g.gateAt !== undefined)
      .map((g) => [g.pourId as number, Date.parse(g.gateAt as string)]),
  );
}

/** Whether a copy can be filled by then. */
export function isFree(copy: Copy, when: When, gates: Map<number, number>, now: number): boolean {
  if (when === 'any') {
    return true;
  }
  if (copy.condition !== 'good') {
    return false;
  }
  if (!copy.held) {
    return true;
  }
  return when === 'morning' && (gates.get(copy.held.pourId) ?? Infinity) <= tomorrowAtSeven(now);
}
