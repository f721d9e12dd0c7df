import type { RouteStep } from '../server/useRoute';
import type { StepKind } from '../server/useStepKinds';
import { numberIn } from '../kit/format';
import { valueIn } from '../kit/style/read';
import { bareEntry } from '../kit/style/entry';

/** A step as it is typed. */
export interface StepDraft {
  step: string;
  minutes: string;
  wait: string;
  best: string;
  station: string;
  times: string;
  gap: string;
  wetting: NonNullable<RouteStep['wetting']>;
  faces: NonNullable<RouteStep['faces']>;
  grams: string;
  /** What a joining step takes. */
  parts: { productId: string; quantity: string }[];
  mix: string;
  /** What it takes from stock each time. */
  materials: { materialId: string; mass: string }[];
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
    parts: (step.parts ?? []).map((p) => ({
      productId: String(p.productId),
      quantity: String(p.quantity),
    })),
    materials: (step.materials ?? []).map((m) => ({
      materialId: String(m.materialId),
      mass: bareEntry(m.massKg, 'mass'),
    })),
    mix: step.mixKg ? bareEntry(step.mixKg, 'mass') : '',
    grams: step.gramsPerM2 ? bareEntry(step.gramsPerM2, 'coverage') : '',
  };
}

/** The step, with only what belongs to its kind. */
export function stepOf(draft: StepDraft, kind: StepKind | undefined): RouteStep {
  const waits = kind?.waits ?? false;
  const coats = kind?.effects.includes('coats') ?? false;
  const joins = kind?.effects.includes('joins') ?? false;
  const wets = (kind?.effects.includes('wets') ?? false) && !kind?.wetting;
  return {
    step: draft.step,
    attendedMin: waits || draft.minutes === '' ? 0 : numberIn(draft.minutes),
    ...(waits && draft.wait !== '' && { waitH: numberIn(draft.wait) }),
    ...(!waits && draft.best !== '' && { bestH: numberIn(draft.best) }),
    ...(draft.station !== '' && { station: draft.station }),
    times: !waits && draft.times !== '' ? numberIn(draft.times) : 1,
    gapMin: !waits && draft.gap !== '' ? numberIn(draft.gap) : 0,
    ...(wets && { wetting: draft.wetting }),
    ...(coats && { faces: draft.faces }),
    ...(joins &&
      draft.parts.length > 0 && {
        parts: draft.parts.map((p) => ({
          productId: Number(p.productId),
          quantity: numberIn(p.quantity),
        })),
      }),
    ...(joins && draft.mix !== '' && { mixKg: valueIn(draft.mix, 'mass') ?? Number.NaN }),
    ...(!waits &&
      draft.materials.length > 0 && {
        materials: draft.materials.map((m) => ({
          materialId: Number(m.materialId),
          massKg: valueIn(m.mass, 'mass') ?? Number.NaN,
        })),
      }),
    gramsPerM2: coats && draft.grams !== '' ? (valueIn(draft.grams, 'coverage') ?? Number.NaN) : 0,
  };
}
