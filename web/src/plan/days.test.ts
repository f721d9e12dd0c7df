import { describe, expect, it } from 'vitest';
import { copiesOf, daysSince, goodsOf, hours, momentAt, sheetOf } from './days';
import type { PlannedCast, Plan, Visit } from '../server/usePlan';

const cast = (no: number, productId: number, lineId: number, copyId: number) =>
  ({ no, productId, lineId, copyId, colourwayId: 2, firstLayer: 0 }) as unknown as PlannedCast;

describe('a planned visit', () => {
  const plan = {
    casts: [cast(0, 4, 11, 7), cast(1, 4, 11, 8), cast(2, 5, 12, 9), cast(3, 4, 11, 7)],
    moulds: [{ mouldId: 1, mould: 'bowl', copies: [{ copyId: 9, copy: 'B9' }] }],
  } as unknown as Plan;

  it('starts a sheet of its products, each copy once', () => {
    const visit = { casts: [0, 1, 2, 3] } as Visit;
    expect(sheetOf(plan, visit)).toBe('/pour/sheet?fills=4-11-7.8_5-12-9&colourway=2');
  });

  it('leaves a copy for later that holds something', () => {
    const holding = {
      ...plan,
      moulds: [
        { copies: [{ copyId: 7, copy: 'B7', holds: 'bowl', heldUntil: '2027-03-01T09:00' }] },
      ],
    } as unknown as Plan;
    const visit = { casts: [0, 1] } as Visit;
    expect(sheetOf(holding, visit)).toBe('/pour/sheet?fills=4-11-8&colourway=2');
    expect(sheetOf(holding, { casts: [0] } as Visit)).toContain('4-11-7');
  });

  it('says what goes into which copies', () => {
    const bowls = { product: 'Ripple bowl', pieces: 1 };
    const cups = { product: 'Tea-light cup', pieces: 2 };
    const named = {
      casts: [
        { ...cast(0, 4, 11, 7), ...bowls, copy: 'B7' },
        { ...cast(1, 5, 12, 9), ...cups, copy: 'T9' },
        { ...cast(2, 4, 11, 8), ...bowls, copy: 'B8' },
      ],
    } as unknown as Plan;
    const visit = { casts: [0, 1, 2] } as Visit;
    expect(goodsOf(named, visit)).toBe('2 Ripple bowls, 2 Tea-light cups');
    expect(copiesOf(named, visit)).toEqual(['B7', 'T9', 'B8']);
    const step = { casts: [] as number[], pieces: 3, product: 'Reed vase' } as unknown as Visit;
    expect(goodsOf(named, step)).toBe('3 Reed vases');
  });

  it('starts none where nothing is poured', () => {
    expect(sheetOf(plan, { casts: [] as number[] } as Visit)).toBeUndefined();
    expect(sheetOf(plan, { casts: [99] } as Visit)).toBeUndefined();
  });
});

describe('moments on the rail', () => {
  it('go there and back', () => {
    expect(daysSince('2027-03-01', '2027-03-02T12:00:00')).toBe(1.5);
    expect(momentAt('2027-03-01', 1.5)).toBe('2027-03-02T12:00');
    expect(momentAt('2027-03-01', 0.2951)).toBe('2027-03-01T07:05');
  });

  it('are said in hours and minutes', () => {
    expect(hours(45)).toBe('45 min');
    expect(hours(125)).toBe('2 h 05');
  });
});
