import { describe, expect, it } from 'vitest';
import { bodyOf, flipColour, FRESH, mixOf, withShare } from './draft';
import type { Shape } from '../server/useSetUp';

const POT = { code: 'pot', mixes: ['sand-cement', 'rapid-neat-4-1'] } as Shape;
const READ = {
  measures: { topMm: 158.75, heightMm: undefined },
  targetKg: undefined,
  hardwareKg: undefined,
  price: 34,
  copies: 3,
  shares: [60, 40],
};
const WHITE = { code: 'white', name: 'White', swatch: '#fff' };
const BLACK = { code: 'black', name: 'Black', swatch: '#000' };

describe('the answers about a product', () => {
  it('take the mix that suits the shape best until another is chosen', () => {
    expect(mixOf(FRESH, POT)).toBe('sand-cement');
    expect(mixOf({ ...FRESH, mix: 'own-4' }, POT)).toBe('own-4');
  });

  it('leave out what cannot be read, so that it stays typical', () => {
    expect(bodyOf(FRESH, POT, READ)).toMatchObject({
      shape: 'pot',
      mix: 'sand-cement',
      measures: { topMm: 158.75 },
      copies: 3,
      price: 34,
      colours: [],
    });
    expect(bodyOf(FRESH, undefined, READ)).toBeUndefined();
  });

  it('name a recipe of the shop by its number', () => {
    const body = bodyOf({ ...FRESH, mix: 'own-12' }, POT, READ);
    expect(body?.recipeId).toBe(12);
    expect(body?.mix).toBeUndefined();
  });

  it('give shares only where the colours are in one piece', () => {
    const colours = flipColour(flipColour([], WHITE), BLACK);
    expect(bodyOf({ ...FRESH, colours }, POT, READ)?.colours).toEqual([
      { code: 'white' },
      { code: 'black' },
    ]);
    expect(bodyOf({ ...FRESH, colours, inOne: true }, POT, READ)?.colours).toEqual([
      { code: 'white', sharePercent: 60 },
      { code: 'black', sharePercent: 40 },
    ]);
  });
});

describe('colours', () => {
  it('share equally what is whole, and are taken off by a second press', () => {
    const three = flipColour(flipColour(flipColour([], WHITE), BLACK), {
      code: 'red',
      name: 'Red',
      swatch: '#a00',
    });
    expect(three.map((c) => c.share)).toEqual(['34', '33', '33']);
    expect(flipColour(three, BLACK).map((c) => c.code)).toEqual(['white', 'red']);
  });

  it('of two give the rest to the other', () => {
    const two = flipColour(flipColour([], WHITE), BLACK);
    expect(withShare(two, 0, '60').map((c) => c.share)).toEqual(['60', '40']);
    expect(withShare(two, 0, '').map((c) => c.share)).toEqual(['', '50']);
    expect(withShare(two, 1, '120').map((c) => c.share)).toEqual(['50', '120']);
  });
});
