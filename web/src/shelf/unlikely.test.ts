import { afterEach, expect, it } from 'vitest';
import { setStyle } from '../kit/style/style';
import { doubt } from './unlikely';

afterEach(() => setStyle({}));

it('asks back what cannot well be', () => {
  expect(doubt(250, 0.26, 'Soap dish')).toBe(
    '250 kg? 1 Soap dish of this mould weighs about 260\u2009g. Press again if it is so.',
  );
  expect(doubt(0.02, 2.07, 'Ripple bowl')).toContain('20 g?');
});

it('asks in the units of the shop', () => {
  setStyle({ units: 'us' });
  expect(doubt(113.398, 0.26, 'Soap dish')).toContain('250 lb? 1 Soap dish');
});

it.each([
  [0.25, 0.26],
  [0.5, 0.26],
  [undefined, 0.26],
  [0.25, undefined],
])('takes %s where %s is usual', (massKg, usual) =>
  expect(doubt(massKg, usual, 'Soap dish')).toBeUndefined(),
);
