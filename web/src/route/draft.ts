import type { RouteStep } from './useRoute';
import { numberIn } from '../kit/format';
import { valueIn } from '../kit/style/read';
import { bareEntry } from '../kit/style/entry';

type Kind = RouteStep['step'];

/** Steps that time does. */
export const WAITS: readonly Kind[] = ['set', 'bath', 'dry', 'rest'];

export const STEP_NAMES: readonly (readonly [Kind, string])[] = [
  ['pour', 'pour'],
  ['set', 'set'],
  ['demould', 'take out'],
  ['trim', 'trim'],
  ['bath', 'keep wet'],
  ['rinse', 'wash off'],
  ['dry', 'dry'],
  ['seal', 'seal'],
  ['rest', 'rest'],
  ['fill', 'fill'],
  ['fit', 'fit'],
  ['inspect', 'inspect'],
  ['pack', 'pack'],
];

/** A step as it is typed. */
export interface StepDraft {
  step: Kind;
  minutes: string;
  wait: string;
  best: string;
  station: string;
  times: string;
  gap: string;
  wetting: NonNullable<RouteStep['wetting']>;
  faces: NonNullable<RouteStep['faces']>;
  grams: string;
}

const text = (n: number | undefined) => (n ? String(n) : '');
export function draftOf(step: RouteStep): StepDraft {
  return {
    step: step.step,
    minutes: text(step.attendedMin),
    wait: text(step.waitH),
    best: text(step.bestH),
    station: step.station ?? '',
    times: text(step.times ?? 1),
    gap: text(step.gapMin),
    wetting: step.wetting ?? 'underWater',
    faces: step.faces ?? 'allOver',
    grams: step.gramsPerM2 ? bareEntry(step.gramsPerM2, 'coverage') : '',
  };
}

/** The step, with only what belongs to its kind. */
export function stepOf(draft: StepDraft): RouteStep {
  const waits = WAITS.includes(draft.step);
  const seals = draft.step === 'seal';
  return {
    step: draft.step,
    attendedMin: waits || draft.minutes === '' ? 0 : numberIn(draft.minutes),
    ...(waits && draft.wait !== '' && { waitH: numberIn(draft.wait) }),
    ...(!waits && draft.best !== '' && { bestH: numberIn(draft.best) }),
    ...(draft.station !== '' && { station: draft.station }),
    times: seals && draft.times !== '' ? numberIn(draft.times) : 1,
    gapMin: seals && draft.gap !== '' ? numberIn(draft.gap) : 0,
    ...(draft.step === 'bath' && { wetting: draft.wetting }),
    ...(seals && { faces: draft.faces }),
    gramsPerM2: seals && draft.grams !== '' ? (valueIn(draft.grams, 'coverage') ?? Number.NaN) : 0,
  };
}
