import { afterEach, describe, expect, it } from 'vitest';
import { bagsAnd, benchMass, benchUnit, waterVolume } from './bench';
import { bareEntry, entry } from './entry';
import { type DecimalMark, decimalMark } from './mark';
import { currencySign, money } from './money';
import { readQuantity, valueIn } from './read';
import { setStyle, type ShopStyle } from './style';
import { clock, dateAt, day, moment, momentOf, readTime } from './time';
import { KG_PER_LB, KG_PER_OZ, type Measure, say, unitOf } from './units';

const FOLDER = '../../../../core/src/test/resources/ironshelf/core/quantity';
const tables = import.meta.glob<string>(
  '../../../../core/src/test/resources/ironshelf/core/quantity/*.csv',
  { eager: true, query: '?raw', import: 'default' },
);

/** The tables that the server's reader and format are held to as well. */
function rows(name: string): Record<string, string>[] {
  const text = tables[`${FOLDER}/${name}.csv`] ?? '';
  const [head = [], ...lines] = text
    .trim()
    .split('\n')
    .map((line) =>
      [...line.matchAll(/(?:^|,)(?:"((?:[^"]|"")*)"|([^,]*))/g)].map((m) =>
        (m[1] ?? m[2] ?? '').replace(/""/g, '"'),
      ),
    );
  return lines.map((cells) => Object.fromEntries(head.map((h, i) => [h, cells[i] ?? ''])));
}

const US: Partial<ShopStyle> = {
  units: 'us',
  scaleUnit: 'oz',
  scaleG: KG_PER_OZ * 100,
  currency: 'USD',
  clock: 'h12',
  firstDay: 'SUN',
  zone: 'America/Chicago',
};

afterEach(() => setStyle({}));

describe('what is said (the same table as the server’s)', () => {
  it.each(rows('said-quantities'))('$value in $system is $said', (row) => {
    setStyle({ units: row.system === 'US' ? 'us' : 'metric' });
    const said = say(Number(row.value), row.measure?.toLowerCase() as Measure);
    expect(said.replace(/\u2009/g, ' ')).toBe(row.said);
  });
});

describe('what is read', () => {
  it('reads the written forms as the server does', () => {
    const all = rows('written-forms').filter((r) => !/TEMP|DURATION/.test(r.dimension ?? ''));
    const read = all.map((r) => {
      const measure = (r.dimension ?? '').toLowerCase() as Measure;
      const mark = (r.mark ?? '').toLowerCase() as DecimalMark;
      return readQuantity(r.text ?? '', measure, unitOf(measure), mark)?.value;
    });
    const wrong = all.filter((r, i) =>
      r.value === ''
        ? read[i] !== undefined
        : !(Math.abs((read[i] ?? NaN) - Number(r.value)) <= 1e-6 * Number(r.value)),
    );
    expect(wrong).toEqual([]);
  });

  it.each(['1,250 g', '40 bananas', 'lb', '3 mm', '-4 kg', ''])('leaves %s to the server', (text) =>
    expect(readQuantity(text, 'mass', 'kg')).toBeUndefined(),
  );

  it('takes the point in US units, and asks elsewhere what could mean two things', () => {
    expect(decimalMark()).toBe('either');
    setStyle(US);
    expect(decimalMark()).toBe('point');
    expect(readQuantity('1,250 lb', 'mass', 'lb')?.value).toBeCloseTo(1250 * KG_PER_LB, 9);
    expect(valueIn('1,250', 'length')).toBeCloseTo(1250 * 25.4, 9);
    expect(valueIn('72 degrees F', 'temperature')).toBeCloseTo(200 / 9, 9);
    expect(valueIn('-460 F', 'temperature')).toBeUndefined();
  });

  it('takes a bare number in the unit beside the field', () => {
    expect(readQuantity('250', 'mass', 'g')?.value).toBe(0.25);
    expect(readQuantity('2lb 4', 'mass', 'kg')?.echo).toBe('2 lb 4 oz');
    setStyle(US);
    expect(valueIn('68', 'temperature')).toBeCloseTo(20, 9);
    expect(valueIn('20 C', 'temperature')).toBe(20);
    expect(valueIn('-4', 'temperature')).toBeCloseTo(-20, 9);
    expect(valueIn('3/4', 'length')).toBeCloseTo(19.05, 9);
    expect(valueIn('many', 'length')).toBeUndefined();
  });
});

describe('what was typed comes back as typed', () => {
  const all = rows('round-trips');

  it('has 400 cases', () => expect(all).toHaveLength(400));

  it.each(all)('$text', ({ system, measure, text = '', value }) => {
    setStyle(system === 'us' ? US : {});
    const kind = measure as Measure;
    const typed = Number(value);
    const shown = entry(typed, kind);
    expect(shown).not.toMatch(system === 'us' ? /kg|mm|\d g\b|ml|L/ : /lb|oz|in|gal|qt/);
    const back = readQuantity(shown, kind, unitOf(kind))?.value ?? NaN;
    expect(Math.abs(back - typed), `${text} came back as ${shown}`).toBeLessThan(
      Math.max(1e-3 * typed, 1e-6),
    );
  });

  it.each([
    [130 * KG_PER_LB, 'mass', '130 lb'],
    [80 * KG_PER_LB, 'mass', '80 lb'],
    [30 * KG_PER_OZ, 'mass', '30 oz'],
    [2.25 * KG_PER_LB, 'mass', '36 oz'],
    [(5 + 3 / 16) * KG_PER_LB, 'mass', '5 lb 3 oz'],
    [14 * 25.4, 'length', '14 in'],
    [7.0625 * 25.4, 'length', '7 1/16 in'],
    [1.25 * 3.785411784, 'volume', '1.25 gal'],
    [20, 'temperature', '68 °F'],
  ] as const)('%f is %s %s', (value, measure, said) => {
    setStyle(US);
    expect(entry(value, measure)).toBe(said);
    expect(bareEntry(63.5, 'length')).toBe('2 1/2');
  });
});

describe('the bench, to what its scale shows', () => {
  it('in ounces, and in pounds and ounces from four pounds on', () => {
    setStyle(US);
    expect(benchMass(30 * KG_PER_OZ)).toBe('30\u2009oz');
    expect(benchMass(0.4)).toBe('14.1\u2009oz');
    expect(benchMass(5.2 * KG_PER_LB)).toBe('5 lb 3.2\u2009oz');
    expect(benchMass(130 * KG_PER_LB)).toBe('130\u2009lb');
    expect([benchUnit(0.4), benchUnit(3), benchUnit(58)]).toEqual(['oz', 'lb', 'lb']);
    expect(bagsAnd(100 * KG_PER_LB, 100 / 80)).toBe('1 bag and 20\u2009lb');
  });

  it('on a scale of a tenth of a pound', () => {
    setStyle({ ...US, scaleUnit: 'lb', scaleG: KG_PER_LB * 100 });
    expect(benchMass(4.57 * KG_PER_LB)).toBe('4.6\u2009lb');
  });

  it('says water by volume too', () => {
    setStyle(US);
    expect(waterVolume(1)).toBe('4 1/4\u2009cups');
    expect(waterVolume(0.05)).toBe('1.69\u2009fl oz');
    setStyle({});
    expect(waterVolume(1.12)).toBe('1.12\u2009L');
  });
});

describe('money', () => {
  it.each([
    ['USD', 'us', '$12.50'],
    ['EUR', 'metric', '€12.50'],
    ['JPY', 'metric', '¥13'],
    ['PLN', 'metric', 'zł 12.50'],
  ] as const)('in %s', (currency, units, said) => {
    setStyle({ currency, units });
    expect(money('12.5').replace(/\u00a0/g, ' ')).toBe(said);
    expect(currencySign()).toBe(said.replace(/[\d. ]/g, ''));
  });
});

describe('time, in the shop’s zone whatever the browser’s', () => {
  const now = Date.parse('2027-03-01T15:00:00Z');
  const at = (iso: string) => Date.parse(iso);

  it('as a shop in Chicago says it', () => {
    setStyle(US);
    expect(clock(now)).toBe('9:00 am');
    expect(moment(at('2027-03-02T01:30:00Z'), now)).toBe('7:30 pm');
    expect(moment(at('2027-03-02T13:05:00Z'), now)).toBe('tomorrow 7:05 am');
    expect(moment(at('2027-03-04T18:48:00Z'), now)).toBe('Thu 12:48 pm');
    expect(moment(at('2027-03-20T12:00:00Z'), now)).toBe('Mar 20');
    expect(day('2027-03-05')).toBe('Fri, Mar 5');
    expect(dateAt(at('2027-03-02T04:00:00Z'))).toBe('2027-03-01');
    expect(momentOf('2027-03-01', '19:30')).toBe(at('2027-03-02T01:30:00Z'));
  });

  it('as a shop in Lisbon says it', () => {
    setStyle({ zone: 'Europe/Lisbon' });
    expect(moment(at('2027-03-01T19:30:00Z'), now)).toBe('19:30');
    expect(day('2027-03-05')).toBe('Fri 5 Mar');
  });

  it.each([
    ['7', '07:00'],
    ['7:30', '07:30'],
    ['730', '07:30'],
    ['7.30 pm', '19:30'],
    ['12 am', '00:00'],
    ['12:15p', '12:15'],
    ['19:30', '19:30'],
    ['25:00', undefined],
    ['13 pm', undefined],
    ['7:61', undefined],
    ['noonish', undefined],
  ])('reads %s', (text, time) => expect(readTime(text)).toBe(time));
});
