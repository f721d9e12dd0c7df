import { afterEach, expect, it } from 'vitest';
import { setStyle } from '../kit/style/style';
import { doubt } from './unlikely';

const DISH = { massKg: 0.26, leastKg: 0.104, mostKg: 0.65 };
const BOWL = { massKg: 2.07, leastKg: 0.828, mostKg: 5.175 };

afterEach(() => setStyle({}));

it('asks back what cannot well be', () => {
  expect(doubt(250, DISH, 'Soap dish')).toBe(
    '250 kg? 1 Soap dish of this mould weighs about 260\u2009g. Press again if it is so.',
  );
  expect(doubt(0.02, BOWL, 'Ripple bowl')).toContain('20 g?');
});

it('asks in the units of the shop', () => {
  setStyle({ units: 'us' });
  expect(doubt(113.398, DISH, 'Soap dish')).toContain('250 lb? 1 Soap dish');
});

it.each([
  [0.25, DISH],
  [0.5, DISH],
  [undefined, DISH],
  [0.25, undefined],
])('takes %s where %o is usual', (massKg, usual) =>
  expect(doubt(massKg, usual, 'Soap dish')).toBeUndefined(),
);
