import { isUs } from './style';

/** Which sign parts decimals in what is typed; the other one may group thousands. */
export type DecimalMark = 'point' | 'comma' | 'either';

/**
 * In US units it is the point. Elsewhere it is the device's comma; a device that writes points is
 * used by people of either habit, so that what could mean two things is asked back.
 */
export function decimalMark(): DecimalMark {
  if (isUs()) {
    return 'point';
  }
  const parts = new Intl.NumberFormat().formatToParts(1.5);
  return parts.some((p) => p.type === 'decimal' && p.value === ',') ? 'comma' : 'either';
}

/** A mixed number, a fraction, or a run of digits and signs between them, at a text's start. */
export const NUMBER =
  /^(?:(\d+)[ -]+)?(\d+)\s*\/\s*(\d+)|^([1-9]\d{0,2}(?: \d{3})+(?:[.,]\d+)?(?![\d.,/]*\d)|[.,]?\d(?:[\d.,]*\d)?)/;
const COMMA_GROUPS = /^[1-9]\d{0,2}(,\d{3})+(\.\d+)?$/;
const POINT_GROUPS = /^[1-9]\d{0,2}(\.\d{3})+,\d+$/;
const PLAIN = /^\d*[.,]?\d+$/;
const AMBIGUOUS: Record<DecimalMark, RegExp> = {
  point: /,/,
  comma: /^[1-9]\d{0,2}\.\d{3}$/,
  either: /^[1-9]\d{0,2},\d{3}$/,
};

/** Not a number where its signs could mean two things here, or none. */
export function numberOf(
  [, whole, above, below, typed]: RegExpExecArray,
  mark = decimalMark(),
): number {
  if (typed === undefined) {
    return Number(whole ?? 0) + Number(above) / Number(below);
  }
  const digits = typed.replace(/ /g, '');
  if (mark === 'point' && COMMA_GROUPS.test(digits)) {
    return Number(digits.replace(/,/g, ''));
  }
  if (mark === 'comma' && POINT_GROUPS.test(digits)) {
    return Number(digits.replace(/\./g, '').replace(',', '.'));
  }
  const twoMeanings = !typed.includes(' ') && AMBIGUOUS[mark].test(digits);
  return PLAIN.test(digits) && !twoMeanings ? Number(digits.replace(',', '.')) : NaN;
}
