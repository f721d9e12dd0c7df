import { expect, it } from 'vitest';
import { asked, tell } from './tell';

it('keeps what is told and takes nonsense out again', () => {
  const told = tell({}, 'holdDownGivenKg', '0,35');
  expect(told).toEqual({ holdDownGivenKg: 0.35 });
  expect(tell(told, 'tappedMin', '2')).toEqual({ holdDownGivenKg: 0.35, tappedMin: 2 });
  expect(tell(told, 'holdDownGivenKg', 'a lot')).toEqual({});
  expect(asked('released')?.yesNo).toBe(true);
  expect(asked('ageAtDemouldH')).toBeUndefined();
});
