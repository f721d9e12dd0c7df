import { expect, it } from 'vitest';
import { draftOf, stepOf } from './draft';
import type { RouteStep } from './useRoute';

const seal: RouteStep = {
  step: 'seal',
  attendedMin: 3,
  bestH: 168,
  station: 'coating',
  times: 2,
  gapMin: 15,
  faces: 'inside',
  gramsPerM2: 90,
};

it('gives back what it was made of', () => {
  expect(stepOf(draftOf(seal))).toEqual(seal);
});

it('keeps only what belongs to the kind', () => {
  const wait = stepOf({ ...draftOf(seal), step: 'dry', wait: '' });
  expect(wait).toEqual({
    step: 'dry',
    attendedMin: 0,
    station: 'coating',
    times: 1,
    gapMin: 0,
    gramsPerM2: 0,
  });
});
