import { describe, expect, it } from 'vitest';
import type { NextTask } from '../server/useNext';
import type { Group } from '../server/useShelf';
import { byBoard, tasksOf } from './next';

const AT = '2027-03-01T09:00:00Z';
const task = (more: Partial<NextTask>) =>
  ({ at: AT, minutes: 10, late: false, toWash: [], ...more }) as NextTask;
const group = (key: string, board: string) => ({ key, board }) as unknown as Group;

const GROUPS = [group('a', 'drying'), group('b', 'wet'), group('c', 'bath')];
const TASKS = [
  task({ groupKey: 'a', late: true }),
  task({ visit: { casts: [0] } as unknown as NonNullable<NextTask['visit']> }),
  task({ groupKey: 'gone' }),
  task({ groupKey: 'b' }),
  task({ toWash: [{ copy: 'R1' }] as unknown as NextTask['toWash'] }),
  task({ groupKey: 'c' }),
];

describe('what next', () => {
  const tasks = tasksOf(TASKS, GROUPS);

  it('keeps the order, and leaves out a group that has gone on meanwhile', () => {
    expect(tasks.map((t) => t.group?.key ?? (t.wash ? 'wash' : 'pour'))).toEqual([
      'a',
      'pour',
      'b',
      'wash',
      'c',
    ]);
    expect(tasks[0]).toMatchObject({ at: Date.parse(AT), late: true, minutes: 10 });
  });

  it('walks the shop in the order of the shelf, the pours and the sink first', () => {
    expect(byBoard(tasks).map((b) => b.board)).toEqual(['pour', 'wash', 'wet', 'bath', 'drying']);
  });
});
