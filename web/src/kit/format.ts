import pluralize from 'pluralize';
import { THIN } from './style/number';

/** Words at the edge: what people say of counts and of time left. */

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

/** Days as a person would say them, half days counted. */
export function days(n: number): string {
  const half = Math.max(0.5, Math.round(n * 2) / 2);
  return half === 1 ? '1 day' : `${half} days`;
}
