import pluralize from 'pluralize';

/** The edge: figures become what a scale shows and what people say. Nothing is rounded before. */

const THIN = '\u2009';

export function grouped(n: number, digits = 0): string {
  const [whole = '', rest] = n.toFixed(digits).split('.');
  const parted = whole.replace(/\B(?=(\d{3})+$)/g, THIN);
  return rest === undefined ? parted : `${parted}.${rest}`;
}

/** What a bench scale shows: 1 g under 5 kg, 5 g to 20 kg, 50 g above (handbook 2, units). */
export function benchGrams(kg: number): number {
  const grams = kg * 1000;
  const step = grams < 5_000 ? 1 : grams <= 20_000 ? 5 : 50;
  return Math.round(grams / step) * step;
}

export function benchMass(kg: number): string {
  return `${grouped(benchGrams(kg))}${THIN}g`;
}

/** Three significant figures, as an office page shows them. */
export function figure(n: number): string {
  const size = Math.abs(n);
  return grouped(n, size >= 100 ? 0 : size >= 10 ? 1 : 2);
}

export function clock(at: number): string {
  return new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
}

/** A moment as the shop says it: a clock today, a weekday this week, a date after. */
export function moment(at: number, now: number): string {
  const days = daysBetween(now, at);
  if (days === 1 || days === -1) {
    return `${days === 1 ? 'tomorrow' : 'yesterday'} ${clock(at)}`;
  }
  return shortMoment(at, now);
}

/** The same where there is little room: tomorrow is a weekday too. */
export function shortMoment(at: number, now: number): string {
  const days = daysBetween(now, at);
  if (days === 0) {
    return clock(at);
  }
  const date = new Date(at);
  return Math.abs(days) < 7
    ? `${date.toLocaleDateString('en-GB', { weekday: 'short' })} ${clock(at)}`
    : date.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
}

export function day(date: string): string {
  return new Date(`${date}T12:00:00`).toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
  });
}

/** A day of another year. */
export function date(iso: string): string {
  return new Date(`${iso}T12:00:00`).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
  });
}

function daysBetween(from: number, to: number): number {
  return Math.round((startOfDay(to) - startOfDay(from)) / 86_400_000);
}

function startOfDay(at: number): number {
  return new Date(at).setHours(0, 0, 0, 0);
}

/** Time left: minutes and hours as a clock, days as days. */
export function left(ms: number): string {
  const minutes = Math.ceil(ms / 60_000);
  if (minutes <= 0) {
    return 'now';
  }
  return minutes < 24 * 60
    ? `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`
    : `${Math.floor(minutes / (24 * 60))}${THIN}d`;
}

/** "2 bags and 340 g", where it comes by the bag and makes at least one. */
export function bagsAnd(massKg: number, bags: number | undefined): string {
  const whole = Math.floor((bags ?? 0) + 1e-9);
  if (!bags || whole < 1) {
    return benchMass(massKg);
  }
  const restKg = massKg * (1 - whole / bags);
  const rest = benchGrams(restKg) > 0 ? ` and ${benchMass(restKg)}` : '';
  return `${whole} ${whole === 1 ? 'bag' : 'bags'}${rest}`;
}

/** "3 Ripple bowls", but "3 × Carry stone 20 kg", which has no plural. */
export function counted(n: number, product: string): string {
  return /[a-z]{3,}$/.test(product) ? plural(n, product) : `${n} × ${product}`;
}

export function plural(n: number, one: string, many = pluralize(one)): string {
  return `${n} ${n === 1 ? one : many}`;
}

/** With its article, by sound: "a box", "an outline", "an 80 lb bag". */
export function withArticle(what: string): string {
  return `${/^([aeiou]|8|11(?!\d)|18(?!\d))/i.test(what) ? 'an' : 'a'} ${what}`;
}

const VULGAR: Record<string, string> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
};
const MIXED = /^(?:(\d+)[ -]+)?(\d+)\s*\/\s*(\d+)$/;

/**
 * A number as people write it: 0,5 and 1/2 and 1 1/4 and 1½; nothing is 0, and what is no number is
 * not. The server's reader takes the same forms (NumberText).
 */
export function numberIn(text: string): number {
  const plain = text
    .replace(/[¼½¾⅓⅔⅛]/g, (sign) => ` ${VULGAR[sign] ?? ''}`)
    .replace('⁄', '/')
    .trim();
  const [, whole, above, below] = MIXED.exec(plain) ?? [];
  return above && below
    ? Number(whole ?? 0) + Number(above) / Number(below)
    : Number(plain.replace(',', '.'));
}

/** The same, or none where there is none. */
export function amount(text: string): number | undefined {
  const n = numberIn(text);
  return text.trim() === '' || !Number.isFinite(n) ? undefined : n;
}

/** An amount of the shop's money. */
export function money(value: number | string): string {
  return Number(value).toFixed(2);
}

/** A mass as a person would say it: grams under a kilogram, kilograms above. */
export function mass(kg: number): string {
  return Math.abs(kg) < 1 ? `${grouped(kg * 1000)}${THIN}g` : `${figure(kg)}${THIN}kg`;
}

/** Days as a person would say them, half days counted. */
export function days(n: number): string {
  const half = Math.max(0.5, Math.round(n * 2) / 2);
  return half === 1 ? '1 day' : `${half} days`;
}
