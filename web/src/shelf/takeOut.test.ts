import { expect, it } from 'vitest';
import { entriesOf, isFilled, requestOf } from './takeOut';
import type { Group } from './useShelf';

const group = {
  casts: [
    { id: 7, version: 1, copy: 'R1', pieces: 1 },
    { id: 8, version: 0, copy: 'T1', pieces: 2 },
  ],
} as unknown as Group;

it('asks for every cavity and puts them back by cast', () => {
  const entries = entriesOf(group);
  expect(entries.map((e) => e.label)).toEqual(['R1', 'T1, 1', 'T1, 2']);
  const [a, b, c] = entries;
  if (!a || !b || !c) {
    throw new Error('three entries expected');
  }
  const broken = { ...c, broke: true, reason: ' rim torn ' };
  expect(isFilled(c)).toBe(false);
  expect(isFilled(broken)).toBe(true);
  expect(requestOf([a, b, broken], [2.07, 0.3, undefined], ' ')).toEqual({
    casts: [
      { castId: 7, version: 1, pieces: [{ massKg: 2.07 }] },
      { castId: 8, version: 0, pieces: [{ massKg: 0.3 }, { scrapReason: 'rim torn' }] },
    ],
  });
});
