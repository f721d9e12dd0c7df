import type { Plan, Visit } from '../server/usePlan';
import type { Board, Group, ToWash } from '../server/useShelf';
import { gate, isLate } from '../shelf/time';
import { BOARDS } from '../shelf/words';
import { dateAt, momentOf } from '../kit/style/time';

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

/** Everything that can be done by a moment, late ones first, then by due moment. */
export function tasksBy(
  groups: Group[],
  visits: Visit[],
  toWash: ToWash[],
  until: number,
  now: number,
): Task[] {
  const steps = groups.map((group) => ({
    group,
    at: group.gateAt === undefined ? Infinity : gate(group),
    minutes: group.attendedMin,
    late: isLate(group, now),
  }));
  const pours = visits.map((visit) => ({
    visit,
    at: Date.parse(visit.at),
    minutes: visit.minutes,
    late: false,
  }));
  const wash = toWash.map((c) => Date.parse(c.since));
  const washing =
    toWash.length === 0
      ? []
      : [
          {
            wash: toWash,
            at: Math.min(...wash),
            minutes: toWash.reduce((n, c) => n + c.minutes, 0),
            late: false,
          },
        ];
  return [...steps, ...pours, ...washing]
    .filter((task) => task.at <= until)
    .sort((a, b) => Number(b.late) - Number(a.late) || a.at - b.at);
}

/** What the plan pours by a moment. */
export function poursBy(plan: Plan | undefined, until: number): Visit[] {
  return (plan?.days ?? [])
    .flatMap((d) => d.visits)
    .filter((v) => v.casts.length > 0 && Date.parse(v.at) <= until);
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
  const today = momentOf(dateAt(now), text);
  return today > now ? today : momentOf(dateAt(now + 24 * 3_600_000), text);
}
