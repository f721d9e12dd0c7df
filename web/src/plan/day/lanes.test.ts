import { describe, expect, it } from 'vitest';
import type { Visit } from '../../server/usePlan';
import { lanesOf, minuteOf, place, rowsOf } from './lanes';

const visit = (person: number, at: string, minutes: number, step: string, litres?: number) =>
  ({
    person,
    at: `2027-03-01T${at}:00`,
    minutes,
    step,
    product: 'cup',
    pieces: 2,
    casts: [],
    lacks: [],
    ...(litres !== undefined && { litres }),
  }) as unknown as Visit;

describe('lanes', () => {
  it('gives everybody a lane, also who has nothing to do', () => {
    const lanes = lanesOf([visit(2, '07:30', 20, 'pour', 6.2)], 3);
    expect(lanes.map((l) => [l.person, l.mixes.length])).toEqual([
      [1, 0],
      [2, 1],
      [3, 0],
    ]);
  });

  it('makes one stretch of the same step, unless much lies between or another did it', () => {
    const lanes = lanesOf(
      [
        visit(1, '09:00', 10, 'demould'),
        visit(1, '09:15', 5, 'demould'),
        visit(1, '09:25', 5, 'rinse'),
        visit(1, '11:00', 5, 'demould'),
        visit(2, '09:10', 5, 'demould'),
      ],
      2,
    );
    expect(lanes[0]?.works.map((w) => [w.step, w.minutes])).toEqual([
      ['demould', 15],
      ['rinse', 5],
      ['demould', 5],
    ]);
    expect(lanes[1]?.works).toHaveLength(1);
  });

  it('puts what would cover another into the next row', () => {
    const lanes = lanesOf(
      [visit(1, '07:00', 10, 'a'), visit(1, '07:20', 10, 'b'), visit(1, '12:00', 10, 'c')],
      1,
    );
    const placed = place(lanes[0]?.works ?? [], (minute) => minute - minuteOf('07:00'), 100, 360);
    expect(placed.map((p) => p.row)).toEqual([0, 1, 0]);
    expect(placed[2]?.x, 'no card leaves the day').toBe(260);
    expect(rowsOf(placed)).toBe(2);
    expect(rowsOf([])).toBe(0);
  });
});
