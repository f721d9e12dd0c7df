import type { Schemas } from '../../api/client';

/** How the shop writes quantities, money and times. */
export type ShopStyle = Required<Schemas['ShopStyle']> &
  Pick<Schemas['WorkshopView'], 'cup' | 'scaleG'>;

const USUAL: ShopStyle = {
  units: 'metric',
  scaleUnit: 'g',
  scaleG: 1,
  cup: 'us',
  currency: 'EUR',
  clock: 'h24',
  firstDay: 'MON',
  zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
};

let current = USUAL;

/**
 * The style in use. One for the whole application, like a locale: the frame sets it before a page
 * is drawn and draws everything anew when the shop changes it (StyleGate).
 */
export function style(): ShopStyle {
  return current;
}

export function setStyle(to: Partial<ShopStyle>): void {
  current = { ...USUAL, ...to };
}

/** The language tag whose number and date forms the shop uses. */
export function localeTag(): string {
  return current.units === 'us' ? 'en-US' : 'en-GB';
}

export function isUs(): boolean {
  return current.units === 'us';
}

/** What something would read like in another style. */
export function inStyle<T>(other: Partial<ShopStyle>, write: () => T): T {
  const before = current;
  current = { ...current, ...other };
  try {
    return write();
  } finally {
    current = before;
  }
}
