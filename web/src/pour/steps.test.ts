import { describe, expect, it } from 'vitest';
import { add, current, freshDraft, inBowl, leftKg, take, undo, weighOuts, wettedAt } from './draft';
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
const sheet = {
  copies: [{ code: 'R1', washDue: true }, { code: 'R2' }],
  preparation: ['Clean'],
  faces: [
    { name: 'wall', mustBond: false, release: 'soapy water' },
    { name: 'insert', mustBond: true },
  ],
  holdDownKg: 3.5,
  workingMin: 15,
  pieces: 2,
  freshMassKg: 2.1,
  recipe: { mixMin: 3 },
  water: { leastKg: 0.8, targetKg: 1, mostKg: 1.1 },
  batches: [
    { pieces: 1, lines: half },
    { pieces: 1, lines: half },
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
      '3.5 kg on each core, or it floats',
    ]);
  });

  it('adds both parts of the water and both batches up', () => {
    const water = weighOuts(steps, all).find((w) => w.materialId === 1);
    expect(water?.actualKg).toBeCloseTo(1);
    expect(weighOuts(steps, all)).toHaveLength(3);
  });

  it('starts the clock at the last wetting', () => {
    expect(wettedAt(steps, freshDraft('k'))).toBeUndefined();
    expect(wettedAt(steps, all)).toBe(steps.findIndex((s) => s.key === '1-wet'));
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
});
