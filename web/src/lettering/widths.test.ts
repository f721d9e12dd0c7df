import { expect, it } from 'vitest';
import { widthsIn, widthsText } from './widths';

it('reads letters and the width of those that differ', () => {
  expect(widthsIn('A B I 5 W 24', 18).widthsMm).toEqual({ A: 18, B: 18, I: 5, W: 24 });
  expect(widthsIn('ABC, W 24', 18).widthsMm).toEqual({ A: 18, B: 18, C: 18, W: 24 });
});

it('takes figures as stamps where no letter is before them', () => {
  expect(widthsIn('0123456789', 18).widthsMm['7']).toBe(18);
});

it('reads a mixed number as one width', () => {
  expect(widthsIn('A W 1 1/4 B', 18).widthsMm).toEqual({ A: 18, W: 1.25, B: 18 });
});

it('says when there is no stamp', () => {
  expect(widthsIn('  ', 18).wrong).toBeDefined();
});

it('comes back as it was typed', () => {
  const typed = 'A B I 5 W 24';
  expect(widthsText(widthsIn(typed, 18).widthsMm, 18)).toBe(typed);
});
