import type { NextTask } from '../server/useNext';
import type { Visit } from '../server/usePlan';
import type { Board, Group, ToWash } from '../server/useShelf';
import { BOARDS } from '../shelf/words';

/** What is done in one go at one place: what is due there, or will be by then; or a pour. */
export interface Task {
  at: number;
  minutes: number;
  late: boolean;
  /** Pieces whose next step this is; without them it is a pour of the plan. */
  group?: Group;
  visit?: Visit;
  /** Copies that stand dirty. */
  wash?: ToWash[];
}

/** Tasks with the groups that they are about; a group that has gone since is left out. */
export function tasksOf(tasks: NextTask[], groups: Group[]): Task[] {
  const byKey = new Map(groups.map((g) => [g.key, g]));
  return tasks.flatMap<Task>(({ at, minutes, late, groupKey, visit, toWash }) => {
    const task = { at: Date.parse(at), minutes, late };
    if (groupKey === undefined) {
      return [visit ? { ...task, visit } : { ...task, wash: toWash }];
    }
    const group = byKey.get(groupKey);
    return group ? [{ ...task, group }] : [];
  });
}

/** The same by the place in the shop where they stand, in the order of the shelf; pours first. */
export function byBoard(
  tasks: Task[],
): { board: Board | 'pour' | 'wash'; name: string; tasks: Task[] }[] {
  const pour = { board: 'pour' as const, name: 'To pour' };
  const wash = { board: 'wash' as const, name: 'To wash' };
  return [pour, wash, ...BOARDS]
    .map(({ board, name }) => ({
      board,
      name,
      tasks: tasks.filter((t) => (t.group?.board ?? (t.wash ? 'wash' : 'pour')) === board),
    }))
    .filter((b) => b.tasks.length > 0);
}
