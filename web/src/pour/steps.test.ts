import { describe, expect, it } from 'vitest';
import {
  add,
  current,
  fillingMin,
  freshDraft,
  inBowl,
  layersOf,
  leftKg,
  take,
  undo,
  wettedAt,
} from './draft';
import { sheetPath, wantedOf } from './usePour';
import { stepsOf } from './steps';
import type { Sheet } from './usePour';

const line = (materialId: number, role: string, massKg: number) => ({
  materialId,
  name: role,
  role,
  massKg,
  toleranceKg: 0.01,
  scoops: 1,
});
const half = [line(1, 'water', 0.5), line(2, 'pigment', 0.1), line(3, 'binder', 2.5)];
const copy = (id: number, code: string, washDue = false) => ({
  copy: { id, code, washDue },
  layerKg: [2.1],
});
const fill = {
  product: {},
  mould: 'Bowl',
  preparation: ['Clean'],
  faces: [
    { name: 'wall', mustBond: false, release: 'soapy water' },
    { name: 'insert', mustBond: true },
  ],
  holdDownKg: 3.5,
  copies: [copy(1, 'R1', true), copy(2, 'R2')],
};
const layer = {
  name: 'whole',
  colourway: { name: 'Chalk' },
  workingMin: 15,
  water: { leastKg: 0.8, targetKg: 1, mostKg: 1.1 },
};
const sheet = {
  firstLayer: 0,
  fills: [fill],
  layers: [layer],
  recipe: { mixMin: 3, placement: 'poured' },
  batches: [
    { copyIds: [1], layers: [{ lines: half }] },
    { copyIds: [2], layers: [{ lines: half }] },
  ],
} as unknown as Sheet;

describe('the steps of a sheet', () => {
  const steps = stepsOf(sheet);
  const all = steps
    .slice(0, -1)
    .reduce(
      (draft, s, i) => take(draft, s.key, i, s.kind === 'weigh' ? s.askedKg : undefined),
      freshDraft('k'),
    );

  it('weighs, wets, fills and taps batch by batch', () => {
    const batch = 'weigh weigh weigh wet weigh fill tap';
    expect(steps.map((s) => s.kind).join(' ')).toBe(`check check ${batch} ${batch} left done`);
    expect(steps.filter((s) => s.kind === 'fill').map((s) => s.title)).toEqual([
      'Fill R1',
      'Fill R2',
    ]);
  });

  it('asks for washing and release agents, and for none where it must bond', () => {
    expect(steps[0]?.kind === 'check' && steps[0].lines).toEqual([
      'Wash R1: warm soapy water, and keep it out of the drain',
      'Clean',
      'Soapy water on the wall',
      'Nothing on the insert: it must bond',
      '3.5\u2009kg on each core, or it floats',
    ]);
  });

  it('adds both parts of the water and both batches up', () => {
    const went = layersOf(steps, all, 1)[0]?.weighOuts ?? [];
    const water = went.find((w) => w.materialId === 1);
    expect(water?.actualKg).toBeCloseTo(1);
    expect(went).toHaveLength(3);
  });

  it('knows what nobody measured', () => {
    const water = steps.filter((s) => s.kind === 'weigh' && s.materialId === 1);
    const [first, second] = water.map((s) => s.key);
    const draft = take(take(freshDraft('k'), first ?? '', 1, 0.4), second ?? '', 2, 0.1, true);
    expect(layersOf(steps, draft, 1)[0]?.weighOuts).toEqual([
      { materialId: 1, actualKg: 0.5, measured: false },
    ]);
  });

  it('starts the clock at the last wetting', () => {
    expect(wettedAt(steps, freshDraft('k'))).toBeUndefined();
    expect(wettedAt(steps, all)).toBe(steps.findIndex((s) => s.key === '1-0-wet'));
  });

  it('takes back small additions before steps', () => {
    const draft = add(add(take(freshDraft('k'), 'moulds', 1), 0.02), 0.03);
    expect(undo(draft).portions).toEqual([0.02]);
    expect(undo(undo(undo(draft))).done).toEqual([]);
  });

  it('fills the bowl as things go in, and remembers what was left', () => {
    expect(current(steps, all)).toBe(steps.length - 1);
    expect(inBowl(steps, 2)).toBe(0);
    expect(inBowl(steps, 5)).toBeGreaterThan(0.9);
    expect(leftKg(take(freshDraft('k'), 'left', 1, 0.4))).toBe(0.4);
  });

  it('times the filling, and nothing else', () => {
    // Each step of the draft is done a millisecond after the one before; two copies were filled.
    expect(fillingMin(steps, all)).toBeCloseTo(2 / 60_000);
    expect(fillingMin(steps, freshDraft('k'))).toBeUndefined();
  });
});

describe('two colours at once', () => {
  const tide = { ...layer, name: 'tide', colourway: { name: 'Slate' } };
  const two = {
    ...sheet,
    fills: [{ ...fill, copies: [{ ...copy(1, 'D1'), layerKg: [1.1, 0.7] }] }],
    layers: [{ ...layer, name: 'ground' }, tide],
    batches: [{ copyIds: [1], layers: [{ lines: half }, { lines: half }] }],
  } as unknown as Sheet;
  const steps = stepsOf(two);
  const all = steps.reduce(
    (draft, s, i) => take(draft, s.key, i, s.kind === 'weigh' ? s.askedKg : undefined),
    freshDraft('k'),
  );

  it('mixes one after the other and fills with both', () => {
    const mix = 'weigh weigh weigh wet weigh';
    expect(steps.map((s) => s.kind).join(' ')).toBe(`check check ${mix} ${mix} fill tap left done`);
    const filling = steps.find((s) => s.kind === 'fill');
    expect(filling?.kind === 'fill' && filling.layers).toEqual([
      { name: 'ground', kg: 1.1 },
      { name: 'tide', kg: 0.7 },
    ]);
  });

  it('keeps what went into each apart, and rises through both', () => {
    const [ground, above] = layersOf(steps, all, 2);
    expect(ground?.weighOuts).toEqual(above?.weighOuts);
    expect(ground?.weighOuts).toHaveLength(3);
    const shares = steps.flatMap((s) => (s.kind === 'weigh' ? [s.share] : []));
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
    expect(shares[shares.length - 1]).toBeCloseTo(1);
  });

  it('runs the clock from the first of them', () => {
    expect(wettedAt(steps, all)).toBe(steps.findIndex((s) => s.key === '0-0-wet'));
  });

  it('asks for another look when a layer goes on top later', () => {
    const later = stepsOf({ ...two, firstLayer: 1 } as unknown as Sheet);
    expect(later[0]?.kind === 'check' && later[0].lines[0]).toContain('must not sink');
  });
});

describe('the address of a sheet', () => {
  it('says everything that is wanted, and is read back', () => {
    const wanted = {
      fills: [
        { productId: 1, lineId: 3, copyIds: [6, 5] },
        { productId: 2, copyIds: [9] },
      ],
      colourwayId: 2,
      firstLayer: 1,
    };
    const path = sheetPath(wanted);
    expect(path).toBe('/pour/sheet?fills=1-3-5.6_2-0-9&colourway=2&layer=1');
    expect(wantedOf(new URLSearchParams(path.split('?')[1]))).toEqual({
      ...wanted,
      fills: [
        { productId: 1, lineId: 3, copyIds: [5, 6] },
        { productId: 2, copyIds: [9] },
      ],
    });
  });
});
