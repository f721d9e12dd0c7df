import type { Schemas } from '../api/client';
import type { ShopStyle } from '../kit/style/style';
import { KG_PER_LB, KG_PER_OZ } from '../kit/style/units';

/** How the shop writes things, as it is being chosen. */
export type StyleDraft = Required<Schemas['ShopStyle']> & { scaleG: number };

type Workshop = Schemas['WorkshopView'];

/** What scales show: the unit, its step, and that step in grams. */
export const SCALES: readonly { unit: StyleDraft['scaleUnit']; step: number; grams: number }[] = [
  { unit: 'g', step: 0.1, grams: 0.1 },
  { unit: 'g', step: 1, grams: 1 },
  { unit: 'g', step: 5, grams: 5 },
  { unit: 'g', step: 10, grams: 10 },
  { unit: 'oz', step: 0.1, grams: KG_PER_OZ * 100 },
  { unit: 'oz', step: 1, grams: KG_PER_OZ * 1000 },
  { unit: 'lb', step: 0.1, grams: KG_PER_LB * 100 },
];

export function styleDraftOf({ style, scaleG }: Workshop): StyleDraft {
  return { ...(style as Required<Schemas['ShopStyle']>), scaleG };
}

export function styleBody({ scaleG, ...style }: StyleDraft) {
  return { style, scaleG };
}

/** Where pounds, dollars and Sundays are usual (CLDR measurementSystem, weekData). */
const US_REGIONS = ['US', 'LR', 'MM'];
const SUNDAY_REGIONS = ['US', 'CA', 'MX', 'BR', 'JP', 'KR', 'IN', 'ZA', 'IL', 'PH', 'CO', 'PE'];
const CURRENCIES: Record<string, string> = {
  US: 'USD',
  GB: 'GBP',
  CA: 'CAD',
  AU: 'AUD',
  NZ: 'NZD',
  CH: 'CHF',
  SE: 'SEK',
  NO: 'NOK',
  DK: 'DKK',
  PL: 'PLN',
  CZ: 'CZK',
  JP: 'JPY',
  BR: 'BRL',
  MX: 'MXN',
  IN: 'INR',
  ZA: 'ZAR',
};

/** What a new shop most likely uses, by the language and zone of the browser it is set up in. */
export function guessed(
  workshop: Workshop,
  tag = navigator.language,
  zone = Intl.DateTimeFormat().resolvedOptions().timeZone,
): StyleDraft {
  const kept = styleDraftOf(workshop);
  const region = new Intl.Locale(tag).region;
  if (!region) {
    return { ...kept, zone };
  }
  const twelve = new Intl.DateTimeFormat(tag, { hour: 'numeric' }).resolvedOptions().hour12;
  const changed = {
    ...kept,
    currency: CURRENCIES[region] ?? kept.currency,
    clock: twelve ? ('h12' as const) : ('h24' as const),
    firstDay: SUNDAY_REGIONS.includes(region) ? ('SUN' as const) : ('MON' as const),
    zone,
  };
  return withUnits(changed, US_REGIONS.includes(region) ? 'us' : 'metric');
}

/** Other units bring a scale that shows them. */
export function withUnits(draft: StyleDraft, units: ShopStyle['units']): StyleDraft {
  if (draft.units === units) {
    return draft;
  }
  return units === 'us'
    ? { ...draft, units, scaleUnit: 'oz', scaleG: KG_PER_OZ * 100 }
    : { ...draft, units, scaleUnit: 'g', scaleG: 1 };
}
