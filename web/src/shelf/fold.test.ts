import { describe, expect, it } from 'vitest';
import { CROWD, fold } from './fold';
import type { Group } from '../server/useShelf';

const at = (minutes: number) => new Date(Date.UTC(2027, 2, 1, 9, minutes)).toISOString();
const group = (id: number, minutes: number, product = 1): Group =>
  ({
    key: `g${id}`,
    productId: product,
    swatch: '#ccc',
    stepNo: 5,
    round: 1,
    routeId: 1,
    pieces: 2,
    attendedMin: 4,
    litres: 1,
    pieceIds: [2 * id, 2 * id + 1],
    casts: [],
    warnings: [],
    gateAt: at(minutes),
    bestUntil: at(minutes + 60),
  }) as unknown as Group;

describe('a crowded board', () => {
  it('leaves few groups as they are', () => {
    const few = [group(1, 0), group(2, 1)];
    expect(fold(few)).toBe(few);
  });

  it('folds by product and hour, and loses no piece', () => {
    const crowd = Array.from({ length: CROWD + 20 }, (_, i) => group(i, i, 1 + (i % 2)));
    const folded = fold(crowd);
    expect(folded).toHaveLength(2);
    expect(folded.reduce((n, g) => n + g.pieces, 0)).toBe(2 * crowd.length);
    expect(new Set(folded.flatMap((g) => g.pieceIds)).size).toBe(2 * crowd.length);
  });

  it('is due when all of it is, and best while all of it is', () => {
    const crowd = Array.from({ length: CROWD + 1 }, (_, i) => group(i, i));
    const [folded] = fold(crowd);
    expect(folded?.gateAt).toBe(at(CROWD));
    expect(folded?.bestUntil).toBe(at(60));
  });
});
