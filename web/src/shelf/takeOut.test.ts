import { expect, it } from 'vitest';
import { entriesOf, isSaid, isWeighed, requestOf } from './takeOut';
import type { Group } from '../server/useShelf';

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
  expect(isWeighed(c)).toBe(false);
  expect(isSaid(c)).toBe(true);
  expect(isWeighed(broken)).toBe(true);
  expect(isSaid({ ...broken, reason: ' ' })).toBe(false);
  expect(requestOf([a, b, broken], [2.07, 0.3, undefined], ' ')).toEqual({
    casts: [
      { castId: 7, version: 1, pieces: [{ massKg: 2.07 }] },
      { castId: 8, version: 0, pieces: [{ massKg: 0.3 }, { scrapReason: 'rim torn' }] },
    ],
  });
});

it('says when it was done, where that is not now', () => {
  const [a] = entriesOf(group);
  if (!a) {
    throw new Error('an entry expected');
  }
  const at = Date.parse('2027-03-02T08:30:00Z');
  expect(requestOf([a], [undefined], '', undefined, at)).toEqual({
    casts: [{ castId: 7, version: 1, pieces: [{}] }],
    doneAt: '2027-03-02T08:30:00.000Z',
  });
});
