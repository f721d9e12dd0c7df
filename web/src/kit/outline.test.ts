import { describe, expect, it } from 'vitest';
import { below, halfWidth, openPath, path, radiusAt } from './outline';

const pot = [
  { rMm: 60, zMm: 0 },
  { rMm: 80, zMm: 150 },
];

describe('an outline', () => {
  it('is drawn to scale, mirrored about the axis', () => {
    expect(path(pot, 150)).toBe('M60 150L80 0L-80 0L-60 150Z');
    expect(openPath(pot, 150, 2)).toBe('M82 0L62 150L-58 150L-78 0');
  });

  it('is cut off straight between its points', () => {
    expect(radiusAt(pot, 75)).toBe(70);
    expect(below(pot, 75)).toEqual([
      { rMm: 60, zMm: 0 },
      { rMm: 70, zMm: 75 },
    ]);
    expect(halfWidth({ outer: pot, more: [], rimMm: 150, drawn: true })).toBe(80);
  });
});
