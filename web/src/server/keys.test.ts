import { describe, expect, it } from 'vitest';
import { isMadeOf, isOfTheBooks, keyOf } from './keys';

describe('what makes an answer old', () => {
  it.each([
    ['the shelf follows a take-out', keyOf('shelf'), ['copy', 'piece'], true],
    ['an order follows a dispatch', keyOf('order', '4'), ['dispatch'], true],
    ['the backups do not follow a pour', keyOf('backups'), ['pour'], false],
    ['photos follow photos only', keyOf('photos', [1]), ['piece', 'order'], false],
    ['a word of the server that no page knows', keyOf('shelf'), ['act'], false],
    ['what ships never grows old', keyOf('defects'), ['piece', 'workshop'], false],
    ['a sum follows the shop’s settings', keyOf('sphere', 4), ['workshop'], true],
  ])('%s', (_, queryKey, words, old) => {
    expect(isMadeOf(queryKey, words)).toBe(old);
  });

  it('tells the books from sums and from what is told by a stream', () => {
    expect(isOfTheBooks(keyOf('orders', '', 'open', 0))).toBe(true);
    expect(isOfTheBooks(keyOf('workshop'))).toBe(true);
    expect(isOfTheBooks(keyOf('live-sum', {}))).toBe(false);
    expect(isOfTheBooks(keyOf('pour-session', 7))).toBe(false);
  });
});
