import { expect, it } from 'vitest';
import { draftOf, stepOf } from './draft';
import type { RouteStep } from '../server/useRoute';
import type { StepKind } from '../server/useStepKinds';

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

const kind = (code: string, waits: boolean, effects: StepKind['effects'] = []): StepKind => ({
  code,
  todo: code,
  done: code,
  waits,
  effects,
  used: true,
});

it('gives back what it was made of', () => {
  expect(stepOf(draftOf(seal), kind('seal', false, ['coats']))).toEqual(seal);
});

it('takes parts where it joins, and nowhere else', () => {
  const join = draftOf({ step: 'join', parts: [{ productId: 4, quantity: 24 }], mixKg: 2.1 });
  const made = stepOf(join, kind('join', false, ['joins']));
  expect(made.parts).toEqual([{ productId: 4, quantity: 24 }]);
  expect(made.mixKg).toBe(2.1);
  expect(stepOf(join, kind('brush', false))).not.toHaveProperty('parts');
});

it('keeps only what belongs to the kind', () => {
  const wait = stepOf({ ...draftOf(seal), step: 'dry', wait: '' }, kind('dry', true, ['dries']));
  expect(wait).toEqual({
    step: 'dry',
    attendedMin: 0,
    station: 'coating',
    times: 1,
    gapMin: 0,
    gramsPerM2: 0,
  });
});

it('lets a step of a shop’s own stand again, with what its effects ask for', () => {
  const oil = { ...draftOf(seal), step: 'oil', times: '3', gap: '1440' };
  expect(stepOf(oil, kind('oil', false, ['coats']))).toMatchObject({ times: 3, gapMin: 1440 });
  expect(stepOf(oil, kind('brush', false))).toMatchObject({ times: 3, gramsPerM2: 0 });
  expect(stepOf(oil, kind('mist', false, ['wets']))).toMatchObject({ wetting: 'underWater' });
});
