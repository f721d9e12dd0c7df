import type { Board, Group } from '../shelf/useShelf';
import { gate, isLate } from '../shelf/time';
import { BOARDS } from '../shelf/words';

/** What is done in one go at one place: what is due there, or will be by then. */
export interface Task {
  group: Group;
  at: number;
  minutes: number;
  late: boolean;
}

/** Everything that can be done by a moment, late ones first, then by due moment. */
export function tasksBy(groups: Group[], until: number, now: number): Task[] {
  return groups
    .filter((g) => g.gateAt !== undefined && gate(g) <= until)
    .map((group) => ({
      group,
      at: gate(group),
      minutes: group.attendedMin,
      late: isLate(group, now),
    }))
    .sort((a, b) => Number(b.late) - Number(a.late) || a.at - b.at);
}

/** The same by the place in the shop where they stand, in the order of the shelf. */
export function byBoard(tasks: Task[]): { board: Board; name: string; tasks: Task[] }[] {
  return BOARDS.map(({ board, name }) => ({
    board,
    name,
    tasks: tasks.filter((t) => t.group.board === board),
  })).filter((b) => b.tasks.length > 0);
}

/** How many of the tasks, in their order, fit into the minutes that one person has by then. */
export function fitting(tasks: Task[], now: number, until: number): number {
  let at = now;
  let fit = 0;
  for (const task of tasks) {
    at = Math.max(at, task.at) + task.minutes * 60_000;
    if (at > until) {
      break;
    }
    fit++;
  }
  return fit;
}

/** A clock time of today, or of tomorrow where it has passed. */
export function clockToday(text: string, now: number): number {
  const [hours = 12, minutes = 0] = text.split(':').map(Number);
  const at = new Date(now);
  at.setHours(hours, minutes, 0, 0);
  if (at.getTime() <= now) {
    at.setDate(at.getDate() + 1);
  }
  return at.getTime();
}
