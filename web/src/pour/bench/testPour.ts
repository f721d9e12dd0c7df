import type { Session, Step } from '../script/facts';
import type { Sheet } from '../../server/usePour';
import type { Bench } from '../words';

/** A pour of two bowls, as far as the bench looks at it. */

const CEMENT = {
  materialId: 5,
  name: 'Rapid-setting cement',
  role: 'binder',
  massKg: 4,
  scoops: 3,
};
const WATER = { materialId: 6, name: 'Water', role: 'water', massKg: 1 };

export const SHEET = {
  recipe: { id: 1, placement: 'poured', mixMin: 3 },
  colourway: { id: 2, name: 'Slate', swatch: '#6a727a' },
  firstLayer: 0,
  fills: [
    {
      product: { id: 1, name: 'Ripple bowl' },
      mould: 'Ripple bowl',
      holdDownKg: 0,
      litresEach: 1,
      copies: ['R5', 'R6'].map((code, id) => ({ copy: { id, code }, layerKg: [2] })),
    },
  ],
  layers: [
    {
      name: 'whole',
      colourway: { name: 'Slate', swatch: '#6a727a' },
      workingMin: 15,
      lines: [CEMENT, WATER],
    },
  ],
  batches: [{}],
  waterC: 20,
  workingMin: 15,
  tappedMin: 12,
  checks: [{ key: 'moulds', lines: ['Oil on the wall'] }],
} as unknown as Sheet;

export function weighing(part: Partial<NonNullable<Step['weigh']>> = {}): Step {
  return {
    key: 'b1/0/1',
    kind: 'weigh',
    status: 'now',
    completedBy: 'weighed',
    about: 'b1/0/1',
    batch: 'b1',
    bowl: 0.8,
    weigh: {
      mix: 'b1/0',
      material: '5',
      role: 'binder',
      askedKg: 4,
      toleranceKg: 0.04,
      wentKg: 0,
      bitByBit: false,
      ...part,
    },
  };
}

export function filling(copy: string, part: Partial<Step> = {}): Step {
  return {
    key: `fill/b1/${copy}`,
    kind: 'fill',
    status: 'now',
    completedBy: 'filled',
    about: copy,
    batch: 'b1',
    bowl: 1,
    fill: { copy, kg: 2, kgByMix: { 'b1/0': 2 }, whole: true },
    ...part,
  };
}

export function step(kind: Step['kind'], about: string, completedBy: string): Step {
  return { key: `${kind}/${about}`, kind, status: 'now', completedBy, about, bowl: 0 };
}

/** A pour whose steps these are. */
export function benchAt(steps: Step[], state: object = {}): Bench {
  const session = {
    id: 7,
    openedAt: '2026-11-27T08:00:00Z',
    facts: [],
    meant: { sheet: { copies: ['R5', 'R6'].map((key) => ({ key, litres: 1, cavities: 1 })) } },
    sheet: SHEET,
    state: {
      status: 'open',
      bowl: { inKg: 5, outKg: 2, leftKg: 3, thrownKg: 0, unaccountedKg: 0, litres: 2.5 },
      batches: [
        {
          batch: 'b1',
          inKg: 5,
          leftKg: 3,
          mixes: [{ mix: 'b1/0', wettedAt: '2026-11-27T08:05:00Z' }],
        },
      ],
      copies: [
        { copy: 'R5', fill: 'full', kg: 2, litres: 1, cavities: 1, mixes: { 'b1/0': 2 } },
        { copy: 'R6', fill: 'empty', kg: 0, litres: 0, cavities: 1, mixes: {} },
      ],
      steps,
      findings: [],
      ...state,
    },
  } as unknown as Session;
  return { session, sheet: SHEET, state: session.state };
}

/** What the server says of a bowl that is short. */
export const SHORT = {
  finding: {
    code: 'pour.short',
    message: 'short',
    params: { batch: 'b1', litres: 1.4, copies: 'R6' },
  },
  remedies: [
    { kind: 'mixedMore', values: { like: 'b1', litres: 1.5, materials: { '5': 2.2, '6': 0.7 } } },
    { kind: 'leftOut', values: { copy: 'R6' } },
  ],
};
