import { describe, expect, it } from 'vitest';
import { counted, left, plural, withArticle } from './format';
import { bagsAnd, benchMass, onScale } from './style/bench';
import { figures } from './style/number';
import { moment } from './style/time';

describe('what a bench scale shows (docs/method, units)', () => {
  it.each([
    [0.2344, 234],
    [4.9996, 5000],
    [5.003, 5005],
    [19.997, 19995],
    [24.37, 24350],
    [24.38, 24400],
  ])('%f kg is %i g', (kg, grams) => expect(onScale(kg) * 1000).toBeCloseTo(grams, 6));

  it('parts thousands, and says kilograms where nobody says grams', () => {
    expect(benchMass(1.4)).toBe('1\u2009400\u2009g');
    expect(benchMass(24.37)).toBe('24.35\u2009kg');
  });
});

describe('words', () => {
  it('says whole bags and the rest', () => {
    expect(bagsAnd(40.34, 2.017)).toBe('2 bags and 340\u2009g');
    expect(bagsAnd(20, 1)).toBe('1 bag');
    expect(bagsAnd(7.5, 0.375)).toBe('7\u2009500\u2009g');
    expect(bagsAnd(0.2, undefined)).toBe('200\u2009g');
  });

  it.each(['a box', 'an outline', 'an 80 lb bag', 'an 18 kg pail', 'a 180 kg drum', 'a 25 kg bag'])(
    'says %s',
    (said) => expect(withArticle(said.replace(/^an? /, ''))).toBe(said),
  );

  it('counts products that have a plural and those that have none', () => {
    expect(counted(3, 'Ripple bowl')).toBe('3 Ripple bowls');
    expect(counted(1, 'Ripple bowl')).toBe('1 Ripple bowl');
    expect(counted(4, 'Soap dish')).toBe('4 Soap dishes');
    expect(counted(4, 'Tea-light box')).toBe('4 Tea-light boxes');
    expect(counted(4, 'Bookends')).toBe('4 Bookends');
    expect(plural(2, 'copy')).toBe('2 copies');
    expect(plural(2, 'batch')).toBe('2 batches');
    expect(counted(2, 'Carry stone 20 kg')).toBe('2 × Carry stone 20 kg');
  });

  it('counts time down', () => {
    expect(left(-1)).toBe('now');
    expect(left(20 * 60_000)).toBe('0:20');
    expect(left(26 * 3_600_000)).toBe('1\u2009d');
  });

  it('says a moment as the shop says it', () => {
    const now = new Date(2027, 2, 1, 9, 0).getTime();
    expect(moment(new Date(2027, 2, 1, 11, 20).getTime(), now)).toBe('11:20');
    expect(moment(new Date(2027, 2, 2, 7, 0).getTime(), now)).toBe('tomorrow 07:00');
    expect(moment(new Date(2027, 2, 20, 7, 0).getTime(), now)).toBe('20 Mar');
  });

  it('keeps three figures', () => {
    expect([0.1402, 12.345, 2200].map(figures)).toEqual(['0.14', '12.3', '2\u2009200']);
  });
});
