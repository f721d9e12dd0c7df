import { describe, expect, it } from 'vitest';
import { guessed, SCALES, styleBody, withUnits } from './styleDraft';

const workshop = {
  scaleG: 1,
  style: {
    units: 'metric',
    scaleUnit: 'g',
    currency: 'EUR',
    clock: 'h24',
    firstDay: 'MON',
    zone: 'UTC',
  },
} as Parameters<typeof guessed>[0];

describe('what a new shop most likely uses', () => {
  it('in Chicago', () => {
    const draft = guessed(workshop, 'en-US', 'America/Chicago');
    expect(draft).toMatchObject({
      units: 'us',
      currency: 'USD',
      clock: 'h12',
      firstDay: 'SUN',
      zone: 'America/Chicago',
      scaleUnit: 'oz',
    });
    expect(styleBody(draft).scaleG).toBeCloseTo(2.83495, 4);
  });

  it.each([
    ['en-CA', 'metric', 'CAD', 'SUN'],
    ['de-DE', 'metric', 'EUR', 'MON'],
    ['pl-PL', 'metric', 'PLN', 'MON'],
  ])('with %s', (tag, units, currency, firstDay) =>
    expect(guessed(workshop, tag, 'UTC')).toMatchObject({ units, currency, firstDay }),
  );

  it('keeps what there is where the language says no country', () =>
    expect(guessed(workshop, 'eo', 'Asia/Tokyo')).toMatchObject({
      units: 'metric',
      currency: 'EUR',
      zone: 'Asia/Tokyo',
    }));
});

describe('other units', () => {
  it('bring a scale that shows them, and the same units change nothing', () => {
    const draft = guessed(workshop, 'en-US', 'UTC');
    const scale = SCALES[5];
    const ounce = { ...draft, scaleG: scale?.grams ?? 0 };
    expect(withUnits(ounce, 'us')).toBe(ounce);
    expect(withUnits(ounce, 'metric')).toMatchObject({ scaleUnit: 'g', scaleG: 1 });
  });
});
