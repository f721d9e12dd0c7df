import { expect, it } from 'vitest';
import { togetherOf } from './together';
import type { Group } from '../server/useShelf';

const NOW = Date.parse('2027-03-01T09:00:00Z');
const group = (part: Partial<Group> & { effects?: string[] }) =>
  ({
    key: 'a',
    pieces: 2,
    casts: [],
    times: 1,
    round: 1,
    step: 'rinse',
    kind: { todo: 'wash off', done: 'washed off', effects: part.effects ?? ['washes'] },
    gateAt: '2027-03-01T08:00:00Z',
    ...part,
  }) as unknown as Group;

it('offers one act where several wait for the same thing', () => {
  const [all, ...others] = togetherOf(
    [
      group({ key: 'a' }),
      group({ key: 'b', pieces: 3 }),
      group({ key: 'later', gateAt: '2027-03-01T10:00:00Z' }),
    ],
    NOW,
  );
  expect(others).toEqual([]);
  expect(all?.words).toBe('wash off');
  expect(all?.pieces).toBe(5);
});

it('offers none for one group, or where each is looked at for itself', () => {
  expect(togetherOf([group({})], NOW)).toEqual([]);
  const inspect = { step: 'inspect', effects: ['grades'] };
  expect(togetherOf([group({ ...inspect, key: 'a' }), group(inspect)], NOW)).toEqual([]);
});

it('keeps coats of different rounds apart', () => {
  const coat = (key: string, round: number) =>
    group({ key, step: 'seal', effects: ['coats'], times: 2, round });
  const all = togetherOf([coat('a', 1), coat('b', 2), coat('c', 1)], NOW);
  expect(all.map((t) => `${t.words} ${t.pieces}`)).toEqual(['coat 1 of 2 4']);
});
