import { describe, expect, it } from 'vitest';
import { nextThree, place, PLUMB, shiftOf, spanOf } from './time';
import type { Group } from '../server/useShelf';

const NOW = Date.parse('2027-03-01T09:00:00Z');
const HOUR = 3_600_000;

function group(key: string, hours: number, board: Group['board'] = 'wet'): Group {
  const gateAt = board === 'ready' ? undefined : new Date(NOW + hours * HOUR).toISOString();
  return { key, board, gateAt, pieces: 1, casts: [], warnings: [] } as unknown as Group;
}

describe('place', () => {
  const groups = [group('a', 2), group('late', -3), group('b', 2.01), group('due', -0.1)];
  const placed = place(groups, NOW, 6 * HOUR, 1000, () => 100);
  const x = (key: string) => placed.find((p) => p.group.key === key)?.x ?? NaN;

  it('keeps what is due left of the plumb line, the latest due nearest to it', () => {
    expect(x('due') + 100).toBeLessThanOrEqual(1000 * PLUMB);
    expect(x('late') + 100).toBeLessThanOrEqual(x('due'));
  });

  it('keeps what is to come right of it, in order and apart', () => {
    expect(x('a')).toBeGreaterThan(1000 * PLUMB);
    expect(x('b') - x('a')).toBeGreaterThanOrEqual(100);
  });

  it('scrolls a board with more due than fits to the line', () => {
    const crowd = [...Array.from({ length: 9 }, (_, i) => group(`d${i}`, -1)), group('next', 1)];
    const out = place(crowd, NOW, 6 * HOUR, 1000, () => 100);
    const shift = shiftOf(out, NOW, 1000, () => 100);
    const next = out.find((p) => p.group.key === 'next')?.x ?? NaN;
    expect(next - shift).toBeGreaterThan(1000 * PLUMB);
    expect(next - shift).toBeLessThan(1000 * PLUMB + 150);
    expect(shiftOf(placed, NOW, 1000, () => 100)).toBeCloseTo(0);
  });

  it('never lets one cover another, however many there are', () => {
    const crowd = Array.from({ length: 30 }, (_, i) => group(`g${i}`, i / 10));
    const xs = place(crowd, NOW, 6 * HOUR, 1000, () => 100)
      .map((p) => p.x)
      .sort((a, b) => a - b);
    xs.slice(1).forEach((here, i) => expect(here - (xs[i] ?? 0)).toBeGreaterThanOrEqual(99.999));
    expect(xs[0]).toBeGreaterThanOrEqual(0);
  });
});

describe('the clocks', () => {
  it('gives each board its own scale', () => {
    expect(spanOf([group('a', 5)], NOW).label).toBe('to 6 h');
    expect(spanOf([group('a', 5), group('b', 100)], NOW).label).toBe('to 7 days');
  });

  it('takes the next three that have one', () => {
    const all = [
      group('d', 9),
      group('c', 3),
      group('x', 0, 'ready'),
      group('a', -1),
      group('b', 2),
    ];
    expect(nextThree(all).map((g) => g.key)).toEqual(['a', 'b', 'c']);
  });
});
