import { decimals, figures, THIN } from './number';
import { isUs, style } from './style';

/** What a figure measures; the unit it is kept in stands behind it. */
export type Measure =
  | 'mass' // kg
  | 'length' // mm
  | 'volume' // L
  | 'temperature' // °C
  | 'difference' // °C between two temperatures
  | 'density' // kg/m³
  | 'area' // m²
  | 'coverage' // g/m²
  | 'strength'; // MPa

/** A figure and its unit, apart: where the two are set in different sizes. */
export interface Said {
  value: string;
  unit: string;
}

/** Exact by definition (NIST Handbook 44, appendix C), the derived ones worked out from them. */
export const KG_PER_OZ = 0.028349523125;
export const KG_PER_LB = 0.45359237;
export const MM_PER_INCH = 25.4;
export const L_PER_GALLON = 3.785411784;
const M2_PER_FT2 = 0.3048 ** 2;
const MPA_PER_PSI = (KG_PER_LB * 9.80665) / 0.0254 ** 2 / 1e6;

/** The unit that a bare number in a field is in, and how much of the kept unit it is. */
const ENTRY: Record<Measure, { metric: [string, number]; us: [string, number] }> = {
  mass: { metric: ['kg', 1], us: ['lb', KG_PER_LB] },
  length: { metric: ['mm', 1], us: ['in', MM_PER_INCH] },
  volume: { metric: ['L', 1], us: ['gal', L_PER_GALLON] },
  temperature: { metric: ['°C', 1], us: ['°F', 5 / 9] },
  difference: { metric: ['°C', 1], us: ['°F', 5 / 9] },
  density: { metric: ['kg/m³', 1], us: ['lb/ft³', KG_PER_LB / 0.3048 ** 3] },
  area: { metric: ['m²', 1], us: ['sq ft', M2_PER_FT2] },
  coverage: { metric: ['g/m²', 1], us: ['oz/sq ft', (1000 * KG_PER_OZ) / M2_PER_FT2] },
  strength: { metric: ['MPa', 1], us: ['psi', MPA_PER_PSI] },
};

/** The unit beside a field: what a bare number there means. */
export function unitOf(measure: Measure): string {
  return ENTRY[measure][style().units][0];
}

export function fromUnit(n: number, measure: Measure): number {
  return (n - zero(measure)) * ENTRY[measure][style().units][1];
}

export function inUnit(value: number, measure: Measure): number {
  return value / ENTRY[measure][style().units][1] + zero(measure);
}

/** Fahrenheit alone does not start at the same nought. */
function zero(measure: Measure): number {
  return measure === 'temperature' && isUs() ? 32 : 0;
}

/** As a reader wants it: rounded, in the unit that fits its size. */
export function say(value: number, measure: Measure): string {
  const { value: said, unit } = saidParts(value, measure);
  return `${said}${THIN}${unit}`;
}

export const mass = (kg: number) => say(kg, 'mass');
export const length = (mm: number) => say(mm, 'length');
export const volume = (litres: number) => say(litres, 'volume');
export const temperature = (celsius: number) => say(celsius, 'temperature');
/** Where a tenth of a degree is more than anybody reads: water, a pot, a room through the day. */
export const wholeDegrees = (celsius: number) =>
  temperature(isUs() ? celsius : Math.round(celsius));
export const density = (kgM3: number) => say(kgM3, 'density');
export const area = (m2: number) => say(m2, 'area');

/** The same rules as the server's QuantityFormat; both are held to said-quantities.csv. */
export function saidParts(value: number, measure: Measure): Said {
  return isUs() ? usParts(value, measure) : metricParts(value, measure);
}

function metricParts(value: number, measure: Measure): Said {
  const size = Math.abs(value);
  switch (measure) {
    case 'mass':
      return size < 1 ? said(small(value * 1000), 'g') : said(figures(value), 'kg');
    case 'length':
      return said(decimals(value, size < 100 ? 1 : 0), 'mm');
    case 'volume':
      return size < 0.1 ? said(small(value * 1000), 'ml') : said(figures(value), 'L');
    case 'temperature':
    case 'difference':
      return said(decimals(value, 1), '°C');
    case 'density':
      return said(decimals(value, 0), 'kg/m³');
    case 'area':
      return size < 0.1 ? said(figures(value * 1e4), 'cm²') : said(figures(value), 'm²');
    default:
      return said(figures(value), ENTRY[measure].metric[0]);
  }
}

function usParts(value: number, measure: Measure): Said {
  const own = inUnit(value, measure);
  switch (measure) {
    case 'mass':
      return Math.abs(own) < 4 - 1e-9 ? said(figures(own * 16), 'oz') : said(figures(own), 'lb');
    case 'length':
      return said(inches(own), 'in');
    case 'volume': {
      const size = Math.abs(own) + 1e-9;
      return size < 0.25
        ? said(figures(own * 128), 'fl oz')
        : size < 1
          ? said(figures(own * 4), 'qt')
          : said(figures(own), 'gal');
    }
    case 'temperature':
    case 'difference':
      return said(decimals(own, 0), '°F');
    case 'density':
      return said(decimals(own, 1), 'lb/ft³');
    case 'area':
      return Math.abs(own) < 1 ? said(figures(own * 144), 'sq in') : said(figures(own), 'sq ft');
    case 'strength':
      return said(decimals(Math.round(own / 10) * 10, 0), 'psi');
    default:
      return said(figures(own), ENTRY[measure].us[0]);
  }
}

/** Inches to 1/32 under one, to 1/16 above, as a tape shows them. */
function inches(own: number): string {
  const size = Math.abs(own);
  if (size < 1 / 64) {
    return decimals(own, 3);
  }
  return `${own < 0 ? '-' : ''}${fraction(size, size < 1 ? 32 : 16)}`;
}

/** A number in whole and the nearest of so many parts: "7 1/16". */
export function fraction(size: number, parts: number): string {
  const above = Math.round(size * parts);
  let rest = above % parts;
  const whole = (above - rest) / parts;
  while (rest > 0 && rest % 2 === 0) {
    rest /= 2;
    parts /= 2;
  }
  const broken = rest > 0 ? `${rest}/${parts}` : '';
  return whole > 0 || !broken ? `${decimals(whole, 0)}${broken && ` ${broken}`}` : broken;
}

/** What spoons and single pieces are weighed in. */
export function lightUnit(): string {
  return isUs() ? 'oz' : 'g';
}

/** What goes into a bag by weight, and how many kilograms one of it is. */
export function doseUnit(): { symbol: string; kg: number } {
  return isUs() ? { symbol: 'oz', kg: KG_PER_OZ } : { symbol: 'kg', kg: 1 };
}

/** The handful that a mix is thought of in: a litre, or a quart. */
export function handful(): { litres: number; word: string } {
  return isUs() ? { litres: L_PER_GALLON / 4, word: 'quart' } : { litres: 1, word: 'litre' };
}

/** A density as the mass of a handful. */
export function handfulMass(kgM3: number): string {
  return mass((kgM3 * handful().litres) / 1000);
}

function small(n: number): string {
  return decimals(n, Math.abs(n) < 10 ? 1 : 0);
}

function said(value: string, unit: string): Said {
  return { value, unit };
}
