import { describe, expect, it } from 'vitest';
import type { Group } from '../server/useShelf';
import { gatesByPour, isFree, tomorrowAtSeven } from './free';
import type { Copy } from '../server/useMoulds';

const NOW = new Date(2027, 2, 1, 15, 30).getTime();
const copy = (part: Partial<Copy>) =>
  ({ id: 1, code: 'R1', version: 0, condition: 'good', casts: 3, washDue: false, ...part }) as Copy;
const held = (pourId: number) => ({ pourId }) as Copy['held'];
const group = (pourId: number, gateAt: string) =>
  ({ casts: [{}], pourId, gateAt }) as unknown as Group;

describe('copies that are free', () => {
  const gates = gatesByPour([
    group(7, new Date(2027, 2, 2, 6, 40).toISOString()),
    group(8, new Date(2027, 2, 2, 7, 10).toISOString()),
  ]);

  it('counts from tomorrow at seven, whatever the hour', () => {
    expect(new Date(tomorrowAtSeven(NOW))).toEqual(new Date(2027, 2, 2, 7, 0));
    expect(new Date(tomorrowAtSeven(new Date(2027, 2, 1, 3).getTime())).getDate()).toBe(2);
  });

  it.each([
    ['empty and good', copy({}), true, true],
    ['to be mended', copy({ condition: 'mend' }), false, false],
    ['worn out', copy({ condition: 'worn' }), false, false],
    ['held till half past six', copy({ held: held(7) }), false, true],
    ['held till ten past seven', copy({ held: held(8) }), false, false],
    ['held by a pour nobody knows', copy({ held: held(9) }), false, false],
  ])('%s', (_, one, now, morning) => {
    expect(isFree(one, 'now', gates, NOW)).toBe(now);
    expect(isFree(one, 'morning', gates, NOW)).toBe(morning);
    expect(isFree(one, 'any', gates, NOW)).toBe(true);
  });
});
