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
