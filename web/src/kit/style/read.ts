import { type DecimalMark, decimalMark, NUMBER, numberOf } from './mark';
import { style } from './style';
import { fromUnit, KG_PER_LB, KG_PER_OZ, L_PER_GALLON, type Measure, MM_PER_INCH } from './units';

/**
 * Reads quantities as people write them, without asking the server: the bench has no network at
 * times, and a field answers as fast as it is typed in. The forms are those of the server's
 * QuantityReader (held to the same written-forms.csv); what is not read here is asked there, where
 * the words for what is wrong stand.
 */

interface Unit {
  symbol: string;
  /** How much of the kept unit one of it is. */
  factor: number;
  /** What a bare number behind it is in: "2 lb 4" is 2 lb 4 oz. */
  next?: string;
}

const SPELLINGS: Partial<Record<Measure, [Unit, string][]>> = {
  mass: [
    [{ symbol: 'kg', factor: 1, next: 'g' }, 'kg kgs kilo kilos kilogram kilograms'],
    [{ symbol: 't', factor: 1000, next: 'kg' }, 't tonne tonnes metric_ton metric_tons'],
    [{ symbol: 'g', factor: 0.001 }, 'g gr gram grams gramme grammes'],
    [{ symbol: 'lb', factor: KG_PER_LB, next: 'oz' }, 'lb lbs pound pounds #'],
    [{ symbol: 'oz', factor: KG_PER_OZ }, 'oz ounce ounces'],
  ],
  volume: [
    [{ symbol: 'L', factor: 1, next: 'ml' }, 'l litre litres liter liters ltr dm3'],
    [
      { symbol: 'ml', factor: 0.001 },
      'ml millilitre millilitres milliliter milliliters cc cm3 cubic_centimetre cubic_centimetres cubic_centimeter cubic_centimeters',
    ],
    [{ symbol: 'cl', factor: 0.01 }, 'cl centilitre centilitres centiliters'],
    [{ symbol: 'dl', factor: 0.1, next: 'ml' }, 'dl decilitre decilitres deciliter deciliters'],
    [
      { symbol: 'm3', factor: 1000, next: 'L' },
      'm3 cubic_metre cubic_metres cubic_meter cubic_meters',
    ],
    [
      { symbol: 'gal', factor: L_PER_GALLON, next: 'qt' },
      'gal gals gallon gallons us_gal us_gals us_gallon us_gallons u_s_gal u_s_gallon u_s_gallons',
    ],
    [
      { symbol: 'qt', factor: L_PER_GALLON / 4, next: 'pt' },
      'qt qts quart quarts us_qt us_quart us_quarts',
    ],
    [
      { symbol: 'pt', factor: L_PER_GALLON / 8, next: 'fl oz' },
      'pt pts pint pints us_pt us_pint us_pints',
    ],
    [
      { symbol: 'fl oz', factor: L_PER_GALLON / 128 },
      'fl_oz floz fluid_ounce fluid_ounces us_fl_oz oz',
    ],
    [
      { symbol: 'cu ft', factor: 28.316846592 },
      'cu_ft cubic_foot cubic_feet cuft ft3 cubic_ft cu_foot cu_feet',
    ],
    [{ symbol: 'cu in', factor: 0.016387064 }, 'cu_in cubic_inch cubic_inches cuin in3'],
    [{ symbol: 'tbsp', factor: L_PER_GALLON / 256 }, 'tbsp tbsps tbs tablespoon tablespoons'],
    [{ symbol: 'tsp', factor: L_PER_GALLON / 768 }, 'tsp tsps teaspoon teaspoons'],
  ],
  length: [
    [{ symbol: 'mm', factor: 1 }, 'mm mms millimetre millimetres millimeter millimeters'],
    [
      { symbol: 'cm', factor: 10, next: 'mm' },
      'cm cms centimetre centimetres centimeter centimeters',
    ],
    [{ symbol: 'm', factor: 1000, next: 'cm' }, 'm metre metres meter meters'],
    [{ symbol: 'in', factor: MM_PER_INCH }, `in ins inch inches " ″ ” '' ′′ ’’`],
    [{ symbol: 'ft', factor: 12 * MM_PER_INCH, next: 'in' }, `ft foot feet ' ′ ’`],
  ],
};

const CUBED = /^([a-z. ]+)\^?3(?![\d.,])/i;

function find(spelling: string, measure: Measure): Unit | undefined {
  const wanted = spelling
    .toLowerCase()
    .replace(/\^/g, '')
    .replace(/[.\s]+/g, ' ')
    .trim()
    .replace(/ /g, '_');
  if (measure === 'volume' && /^(c|cups?)$/.test(wanted)) {
    return { symbol: 'cup', factor: style().cup === 'us' ? L_PER_GALLON / 16 : 0.25 };
  }
  return SPELLINGS[measure]?.find(([, all]) => all.split(' ').includes(wanted))?.[0];
}

export interface Read {
  value: number;
  /** How it was read, in the typed units. */
  echo: string;
}

/** None where it cannot be read here. */
export function readQuantity(
  text: string,
  measure: Measure,
  bare: string,
  mark: DecimalMark = decimalMark(),
): Read | undefined {
  let rest = plainText(text);
  let total = 0;
  let before: Unit | undefined;
  const echo: string[] = [];
  while (rest !== '') {
    const match = NUMBER.exec(rest);
    if (!match) {
      return undefined;
    }
    rest = rest.slice(match[0].length).trim();
    const spelling = unitIn(rest, measure);
    if (spelling.trim() === '' && rest !== '') {
      return undefined;
    }
    rest = rest.slice(spelling.length).replace(/^[\s,+]+/, '');
    const unit = unitAt(spelling.trim(), before, measure, bare);
    const n = numberOf(match, mark);
    if (!unit || !Number.isFinite(n) || (before && unit.factor >= before.factor)) {
      return undefined;
    }
    total += n * unit.factor;
    echo.push(`${match[0].trim()} ${unit.symbol}`);
    before = unit;
  }
  return before && { value: total, echo: echo.join(' ') };
}

function unitAt(
  spelling: string,
  before: Unit | undefined,
  measure: Measure,
  bare: string,
): Unit | undefined {
  if (spelling !== '') {
    return find(spelling, measure);
  }
  const symbol = before ? before.next : bare;
  return symbol === undefined ? undefined : find(symbol, measure);
}

/** The unit that a text begins with; one that ends in a 3 only where it measures that. */
function unitIn(rest: string, measure: Measure): string {
  const cubed = CUBED.exec(rest);
  return cubed && find(`${(cubed[1] ?? '').trim()}3`, measure)
    ? cubed[0]
    : (/^[^\d,+]*/.exec(rest)?.[0].replace(/\.$/, '') ?? '');
}

const ABSOLUTE_ZERO_C = -273.15;

const BARE = /^[-−]?[\d.,/ ¼½¾⅐-⅞⁄-]+$/;

/** Whether it is a number alone, so that the unit beside the field is meant. */
export function isBare(text: string): boolean {
  return BARE.test(text.trim());
}

/** One-half signs and their like as " 1/2", and fancy minus and spaces as plain ones. */
function plainText(text: string): string {
  return text
    .replace(/([¼½¾⅐-⅞])/g, ' $1 ')
    .normalize('NFKC')
    .replace(/⁄/g, '/')
    .replace(/−/g, '-')
    .trim();
}

const DEGREES = /^(-?)([\d.,]*\d)\s*(?:°|deg(?:rees?|\.)?)?\s*(c|f|celsius|fahrenheit)\.?$/i;

/**
 * The value typed in a field whose unit stands in its label: a bare number in that unit, or with a
 * unit of its own. None where there is none or it cannot be read.
 */
export function valueIn(text: string, measure: Measure): number | undefined {
  const plain = plainText(text);
  const [, sign, degrees, scale] = DEGREES.exec(plain) ?? [];
  if (measure === 'temperature' && degrees !== undefined) {
    const match = NUMBER.exec(degrees);
    const n = match ? numberOf(match) * (sign ? -1 : 1) : NaN;
    const celsius = /^f/i.test(scale ?? '') ? ((n - 32) * 5) / 9 : n;
    return celsius >= ABSOLUTE_ZERO_C ? celsius : undefined;
  }
  if (!isBare(plain)) {
    return readQuantity(plain, measure, '')?.value;
  }
  const minus = plain.startsWith('-');
  const unsigned = minus ? plain.slice(1).trim() : plain;
  const match = NUMBER.exec(unsigned);
  const n = match && match[0].length === unsigned.length ? numberOf(match) : NaN;
  return Number.isFinite(n) ? fromUnit(minus ? -n : n, measure) : undefined;
}
