import { describe, expect, it } from 'vitest';
import { current, type Draft, inBowl, stepsOf, take, undo, weighOuts } from './steps';
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
  copies: [{ code: 'R1' }, { code: 'R2' }],
  preparation: ['Clean'],
  faces: [
    { name: 'wall', mustBond: false, release: 'soapy water' },
    { name: 'insert', mustBond: true },
  ],
  holdDownKg: 3.5,
  workingMin: 15,
  water: { leastKg: 0.8, targetKg: 1, mostKg: 1.1 },
  batches: [
    { pieces: 1, lines: half },
    { pieces: 1, lines: half },
  ],
} as unknown as Sheet;

describe('the steps of a sheet', () => {
  const steps = stepsOf(sheet);
  const all = steps.reduce<Draft>(
    (draft, s) => take(draft, s.key, s.kind === 'weigh' ? s.askedKg : undefined),
    { key: 'k', done: [] },
  );

  it('prepares, protects, weighs each batch, fills', () => {
    expect(steps.map((s) => s.kind).join(' ')).toBe(
      'check check weigh weigh weigh weigh weigh weigh weigh weigh done',
    );
    expect(steps[0]).toMatchObject({ lines: ['Clean', '3.5 kg on each core, or it floats'] });
    expect(new Set(steps.map((s) => s.key)).size).toBe(steps.length);
  });

  it('adds up to what was asked, the held-back water included', () => {
    const sums = Object.fromEntries(weighOuts(steps, all).map((w) => [w.materialId, w.actualKg]));
    expect(sums[1]).toBeCloseTo(1, 12);
    expect(sums[2]).toBeCloseTo(0.2, 12);
    expect(sums[3]).toBeCloseTo(5, 12);
  });

  it('fills the bowl as it goes and empties it between batches', () => {
    expect(inBowl(steps, 2)).toBe(0);
    expect(inBowl(steps, 4)).toBeGreaterThan(inBowl(steps, 3));
    expect(inBowl(steps, 6)).toBe(0);
    expect(inBowl(steps, steps.length - 1)).toBe(1);
  });

  it('goes back one step at a time and never past the last', () => {
    expect(current(steps, all)).toBe(steps.length - 1);
    expect(current(steps, undo(undo(all)))).toBe(steps.length - 2);
    expect(undo({ key: 'k', done: [] }).done).toEqual([]);
  });
});
