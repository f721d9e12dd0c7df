import { isUs } from './style';

export const THIN = '\u2009';

/** A number to so many decimals, its thousands parted as the shop does. */
export function grouped(n: number, digits = 0): string {
  const [whole = '', rest] = n.toFixed(digits).split('.');
  const parted = whole.replace(/\B(?=(\d{3})+$)/g, isUs() ? ',' : THIN);
  return rest === undefined ? parted : `${parted}.${rest}`;
}

/** The same without zeros at the end: "30", not "30.00". Halves go up, as the server rounds. */
export function decimals(n: number, digits: number): string {
  const half = Number(`${Math.round(Number(`${Math.abs(n)}e${digits}`))}e-${digits}`);
  const rounded = Number.isFinite(half) ? Math.sign(n) * half : n;
  const shown = grouped(rounded, digits);
  const plain = shown.includes('.') ? shown.replace(/\.?0+$/, '') : shown;
  return plain === '-0' ? '0' : plain;
}

/** Three figures, more where the whole part has more. */
export function figures(n: number): string {
  const size = Math.abs(n);
  return decimals(n, size >= 99.95 ? 0 : size >= 9.995 ? 1 : size >= 0.9995 ? 2 : 3);
}
