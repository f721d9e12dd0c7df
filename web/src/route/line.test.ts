import { describe, expect, it } from 'vitest';
import { hoursWords, place, together } from './RouteLineDrawing';
import type { RouteLine } from '../server/useRoute';

const WORDS: Record<string, string> = { demould: 'take out', rinse: 'wash off' };

const gate = (atH: number, step: string, round = 1) =>
  ({
    atH,
    step,
    todo: WORDS[step] ?? step,
    round,
    board: 'wet',
    attendedMin: 1,
    stepNo: 2,
  }) as RouteLine;

describe('the line of a route', () => {
  it('grows and ends at its end', () => {
    expect(place(0, 200)).toBe(0);
    expect(place(200, 200)).toBe(1);
    expect(place(3, 200)).toBeLessThan(place(24, 200));
  });

  it('puts what is done in one go at one mark', () => {
    const marks = together([gate(2.5, 'demould'), gate(2.5, 'trim'), gate(26.5, 'rinse')]);
    expect(marks.map((m) => m.what)).toEqual([['take out', 'trim'], ['wash off']]);
  });

  it('says hours as hours and days as days', () => {
    expect(hoursWords(2.5)).toBe('2.5 h');
    expect(hoursWords(168)).toBe('7 d');
  });
});
