import { expect, it } from 'vitest';
import { fitted } from './small';

it('fits the longest side and leaves small pictures alone', () => {
  expect(fitted(4000, 3000)).toEqual({ width: 1280, height: 960 });
  expect(fitted(3000, 4000)).toEqual({ width: 960, height: 1280 });
  expect(fitted(640, 480)).toEqual({ width: 640, height: 480 });
});
