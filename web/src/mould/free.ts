import type { Group } from '../server/useShelf';
import type { Copy } from '../server/useMoulds';
import { clockTime, dateAt, momentOf } from '../kit/style/time';

/** When copies are asked to be free. */
export type When = 'any' | 'now' | 'morning';

export function whens(): readonly (readonly [When, string])[] {
  return [
    ['any', 'all copies'],
    ['now', 'free now'],
    ['morning', `free by tomorrow ${clockTime(SEVEN)}`],
  ];
}

const SEVEN = '07:00';

/** Tomorrow at seven, when the shop opens. */
export function tomorrowAtSeven(now: number): number {
  return momentOf(dateAt(now + 24 * 3_600_000), SEVEN);
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
