import { isDue } from './time';
import type { Group } from '../server/useShelf';
import { comesOut, has, stepWords } from './words';

/** Groups that go on by one press: they stand at one place and come to the same thing next. */
export interface Together {
  /** As the shelf says it: "wash off", "coat 1 of 2", "take out". */
  words: string;
  groups: Group[];
  pieces: number;
}

/** What each wants looked at for itself: a grade, a filling, a layer. */
function alone(group: Group): boolean {
  return has(group, 'grades') || has(group, 'fills') || has(group, 'joins') || !!group.next;
}

/** What of a board can be done by one act; nothing where only one group waits. */
export function togetherOf(groups: Group[], now: number): Together[] {
  const byWords = new Map<string, Group[]>();
  for (const group of groups) {
    if (group.kind && isDue(group, now) && !alone(group)) {
      const words = comesOut(group) ? 'take out' : stepWords(group);
      byWords.set(words, [...(byWords.get(words) ?? []), group]);
    }
  }
  return [...byWords]
    .filter(([, own]) => own.length > 1)
    .map(([words, own]) => ({
      words,
      groups: own,
      pieces: own.reduce((n, g) => n + g.pieces, 0),
    }));
}
