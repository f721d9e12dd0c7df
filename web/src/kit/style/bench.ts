import { decimals, grouped, THIN } from './number';
import { isUs, style } from './style';
import { fraction, KG_PER_LB, KG_PER_OZ, type Said, say } from './units';

/** A mass at the bench, to what the shop's scale shows of it. */

type ScaleUnit = 'g' | 'oz' | 'lb';

const KG: Record<ScaleUnit, number> = { g: 0.001, oz: KG_PER_OZ, lb: KG_PER_LB };

/** The least step over 5 kg and over 20 kg, in the scale's unit: larger scales show less. */
const COARSE: Record<ScaleUnit, [number, number]> = { g: [5, 50], oz: [0.2, 2], lb: [0.1, 0.1] };

/** Pounds and ounces from four pounds on: nobody counts 83 ounces. */
const OUNCES_ALONE = 64;
const GRAMS_ALONE = 10_000;

/** The mass in the scale's unit, to the step that it shows. */
function shown(kg: number, fine = false): { n: number; unit: ScaleUnit; step: number } {
  const { scaleUnit: unit, scaleG } = style();
  const finest = Number((scaleG / 1000 / KG[unit]).toPrecision(6));
  const size = Math.abs(kg);
  const [over5, over20] = COARSE[unit];
  const step = fine || size < 5 ? finest : Math.max(finest, size <= 20 ? over5 : over20);
  const steps = Math.round(kg / KG[unit] / step);
  return { n: Number((steps * step).toFixed(6)), unit, step };
}

/** What the scale will show, in kg: two masses that read alike are alike at the bench. */
export function onScale(kg: number): number {
  const { n, unit } = shown(kg);
  return n * KG[unit];
}

export function benchParts(kg: number, finest = false): Said {
  const { n, unit, step } = shown(kg, finest);
  const digits = Math.max(0, -Math.floor(Math.log10(step) + 1e-9));
  if (unit === 'g') {
    return Math.abs(n) < GRAMS_ALONE
      ? { value: grouped(n, digits), unit: 'g' }
      : { value: decimals(n / 1000, 3), unit: 'kg' };
  }
  if (unit === 'oz' && Math.abs(n) >= OUNCES_ALONE) {
    const lb = Math.trunc(n / 16);
    const oz = Math.abs(Number((n - lb * 16).toFixed(6)));
    return oz === 0
      ? { value: decimals(lb, 0), unit: 'lb' }
      : { value: `${decimals(lb, 0)} lb ${decimals(oz, digits)}`, unit: 'oz' };
  }
  return { value: decimals(n, digits), unit };
}

/** Where a mould is filled by its mass: two decimals of a kilogram, or to the scale's own step. */
export function stopParts(kg: number): Said {
  return style().scaleUnit === 'g' ? { value: decimals(kg, 2), unit: 'kg' } : benchParts(kg, true);
}

export function stopMass(kg: number): string {
  const { value, unit } = stopParts(kg);
  return `${value}${THIN}${unit}`;
}

export function benchMass(kg: number): string {
  const { value, unit } = benchParts(kg);
  return `${value}${THIN}${unit}`;
}

/** What a bare number typed at the bench means, where so much was asked. */
export function benchUnit(kg: number): string {
  const { value, unit } = benchParts(kg);
  return value.includes('lb') ? 'lb' : unit;
}

/** "2 bags and 340 g", where it comes by the bag and makes at least one. */
export function bagsAnd(massKg: number, bags: number | undefined): string {
  const whole = Math.floor((bags ?? 0) + 1e-9);
  if (!bags || whole < 1) {
    return benchMass(massKg);
  }
  const restKg = massKg * (1 - whole / bags);
  const rest = onScale(restKg) > 0 ? ` and ${benchMass(restKg)}` : '';
  return `${whole} ${whole === 1 ? 'bag' : 'bags'}${rest}`;
}

/** A kilogram of water is a litre, within 0.3 % from 0 to 25 °C (common practice at a bench). */
export function waterVolume(kg: number): string {
  const cups = (kg * 1000) / (style().cup === 'us' ? 236.5882365 : 250);
  return isUs() && cups >= 0.5 && cups < 16
    ? `${fraction(cups, 4)}${THIN}${cups <= 1 ? 'cup' : 'cups'}`
    : say(kg, 'volume');
}
