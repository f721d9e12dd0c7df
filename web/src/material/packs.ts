/** The shapes that things are sold in, by the word for it; drawn in a frame of 100 by 122. */
const BOTTLE = /bottle|jug|can|tin|jar/i;
const PAIL = /pail|bucket|tub|drum/i;
const BOX = /box|carton|bale|roll|piece/i;

export function packPath(pack: string): string {
  if (BOTTLE.test(pack)) {
    return 'M38 8h24v16l10 16v72H28V40l10-16z';
  }
  if (PAIL.test(pack)) {
    return 'M18 22h64l-8 90H26z';
  }
  if (BOX.test(pack)) {
    return 'M16 36h68v76H16zM16 36l12-14h60l-4 14';
  }
  return 'M20 20q30 10 60 0l4 44-4 48q-30-8-60 0l-4-48z';
}

/** Whole packs and how full the opened one is, 0 to 1; loose goods are one heap. */
export function packsOf(leftKg: number, packKg: number | undefined): number[] {
  if (leftKg <= 0) {
    return [];
  }
  if (!packKg) {
    return [1];
  }
  const whole = Math.floor(leftKg / packKg + 1e-9);
  const rest = leftKg / packKg - whole;
  return [...Array.from({ length: whole }, () => 1), ...(rest > 0.01 ? [rest] : [])];
}
