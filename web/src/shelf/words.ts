import { moment, shortMoment } from '../kit/style/time';
import type { Effect } from '../server/useStepKinds';
import { isDue, isLate } from './time';
import type { Board, Group } from '../server/useShelf';

export const BOARDS: readonly { board: Board; name: string; empty: string }[] = [
  { board: 'wet', name: 'Wet', empty: 'No copy holds anything. Everything could be poured.' },
  { board: 'bath', name: 'Bath', empty: 'Nothing is in the bath.' },
  { board: 'drying', name: 'Drying', empty: 'Nothing is drying.' },
  { board: 'coating', name: 'Coating', empty: 'Nothing is being coated.' },
  { board: 'ready', name: 'Ready', empty: 'Nothing is ready yet.' },
];

/** "take out", "coat 2 of 3", "then tide". */
export function stepWords(group: Group): string {
  if (group.next) {
    return `then ${group.next.layer}`;
  }
  if (!group.kind) {
    return 'ready';
  }
  const words = group.step === 'seal' && group.times > 1 ? 'coat' : group.kind.todo;
  return group.times > 1 ? `${words} ${group.round} of ${group.times}` : words;
}

/** Whether its next step does that to it. */
export function has(group: Group, effect: Effect): boolean {
  return group.kind?.effects.includes(effect) ?? false;
}

const SHORT: Record<string, string> = {
  'cure.frost': 'frost',
  'cure.cold': 'cold',
  'cure.warm': 'warm',
  'cure.hot': 'too hot',
  'green.closing': 'closing',
  'station.noRoom': 'no room',
  'cure.silent': 'probe silent',
};

/** What a group is warned of, in a word; nothing where it is not. */
export function warned(group: Group): string | undefined {
  return group.warnings.map((w) => SHORT[w.code]).find(Boolean);
}

/** Whether it comes out of its mould next. */
export const comesOut = (group: Group) => has(group, 'freesMould') && !group.next;

/** What comes next with a group, and when. */
export function when(group: Group, now: number): string {
  if (!group.gateAt) {
    return 'ready';
  }
  const at = shortMoment(Date.parse(group.gateAt), now);
  const what = comesOut(group) ? 'out' : stepWords(group);
  if (!isDue(group, now)) {
    return `${what} ${at}`;
  }
  return group.next ? `${what} now` : `${what} since ${at}${isLate(group, now) ? ', late' : ''}`;
}

/** Where a gate has moved by temperature, and from where; nothing for a few minutes. */
export function moved(group: Group, now: number): string | undefined {
  if (!group.usuallyAt || !group.gateAt) {
    return undefined;
  }
  const by = Date.parse(group.gateAt) - Date.parse(group.usuallyAt);
  if (Math.abs(by) < 15 * 60_000) {
    return undefined;
  }
  const why = by > 0 ? 'Colder than usual' : 'Warmer than usual';
  return `${why}: out at ${moment(Date.parse(group.gateAt), now)}, not ${moment(Date.parse(group.usuallyAt), now)}.`;
}
