import { describe, expect, it } from 'vitest';
import type { Group } from '../server/useShelf';
import type { Plan, Visit } from '../server/usePlan';
import { byBoard, clockToday, fitting, poursBy, tasksBy } from './next';

const NOW = new Date(2027, 2, 1, 9, 0).getTime();
const MIN = 60_000;
const group = (key: string, minutes: number, attendedMin: number, board = 'wet', best?: number) =>
  ({
    key,
    board,
    attendedMin,
    gateAt: new Date(NOW + minutes * MIN).toISOString(),
    ...(best !== undefined && { bestUntil: new Date(NOW + best * MIN).toISOString() }),
  }) as unknown as Group;

const GROUPS = [
  group('c', 60, 20, 'bath'),
  group('late', -30, 10, 'wet', -5),
  group('a', -60, 15, 'drying'),
  group('far', 600, 5),
];

/** The plan's moments are the shop's own, without a zone. */
const visit = (at: string, minutes: number, casts: number[]) =>
  ({ at, minutes, casts, step: casts.length > 0 ? 'pour' : 'take out' }) as unknown as Visit;

const PLAN = {
  days: [
    { visits: [visit('2027-03-01T09:20', 30, [0, 1]), visit('2027-03-01T10:00', 5, [])] },
    { visits: [visit('2027-03-02T07:00', 30, [2])] },
  ],
} as unknown as Plan;

describe('what next', () => {
  const tasks = tasksBy(GROUPS, [], [], NOW + 180 * MIN, NOW);

  it('puts what is late first, then what is due first', () => {
    expect(tasks.map((t) => t.group?.key)).toEqual(['late', 'a', 'c']);
  });

  it('walks the shop in the order of the shelf', () => {
    expect(byBoard(tasks).map((b) => b.board)).toEqual(['wet', 'bath', 'drying']);
  });

  it('fits what one person can do, waiting where a gate has not come', () => {
    expect(fitting(tasks, NOW, NOW + 24 * MIN)).toBe(1);
    expect(fitting(tasks, NOW, NOW + 79 * MIN)).toBe(2);
    expect(fitting(tasks, NOW, NOW + 80 * MIN)).toBe(3);
  });

  it('puts the pours of the plan among the rest', () => {
    const until = NOW + 180 * MIN;
    const pours = poursBy(PLAN, until);
    expect(pours.map((v) => v.at)).toEqual(['2027-03-01T09:20']);
    const all = tasksBy(GROUPS, pours, [], until, NOW);
    expect(all.map((t) => t.group?.key ?? 'pour')).toEqual(['late', 'a', 'pour', 'c']);
    expect(byBoard(all)[0]).toMatchObject({ board: 'pour', tasks: [{ minutes: 30 }] });
    // 10 and 15 minutes, then a pour of 30.
    expect(fitting(all, NOW, NOW + 55 * MIN)).toBe(3);
    expect(poursBy(undefined, until)).toEqual([]);
  });

  it('takes a clock time as today, or tomorrow where it has passed', () => {
    expect(clockToday('12:30', NOW)).toBe(NOW + 210 * MIN);
    expect(clockToday('08:00', NOW)).toBe(NOW + 23 * 60 * MIN);
  });
});
