import { isUs, localeTag, style } from './style';
import { handful, KG_PER_LB } from './units';

/** An amount of the shop's money, with its symbol. */
export function money(value: number | string): string {
  return new Intl.NumberFormat(localeTag(), {
    style: 'currency',
    currency: style().currency,
    currencyDisplay: 'narrowSymbol',
  }).format(Number(value));
}

/** The symbol of the shop's money, for labels. */
export function currencySign(): string {
  return money(0).replace(/[\d.,\s]/g, '');
}

/** A price by mass: a kilogram's, or a pound's. */
export function pricePerMass(perKg: number | string): string {
  return isUs() ? `${money(Number(perKg) * KG_PER_LB)} a lb` : `${money(perKg)} a kg`;
}

/** A price by volume: a litre's, or a quart's. */
export function pricePerVolume(perL: number | string): string {
  const { litres, word } = handful();
  return `${money(Number(perL) * litres)} a ${word}`;
}
