import { bareEntry } from '../kit/style/entry';
import { valueIn } from '../kit/style/read';

/** Stamps as they are typed: letters, each with its width where it differs: "A B C I 4 W 12". */
export function widthsText(widthsMm: Record<string, number>, usualMm: number): string {
  return Object.keys(widthsMm)
    .sort()
    .map((letter) => {
      const mm = widthsMm[letter] ?? usualMm;
      return mm === usualMm ? letter : `${letter} ${bareEntry(mm, 'length')}`;
    })
    .join(' ');
}

/** What was typed, by the letter; what is no stamp is told. */
export function widthsIn(
  text: string,
  usualMm: number,
): { widthsMm: Record<string, number>; wrong?: string } {
  const widthsMm: Record<string, number> = {};
  let letters: string[] = [];
  // A mixed number of inches is one width: "1 1/4".
  const words = text.trim().match(/\d+ \d+\/\d+|[^\s,;]+/g) ?? [];
  for (const word of words) {
    const mm = /^[\d.]/.test(word) && letters.length > 0 ? valueIn(word, 'length') : undefined;
    if (mm !== undefined && mm > 0) {
      const last = letters[letters.length - 1] as string;
      widthsMm[last] = mm;
    } else {
      letters = [...word];
      letters.forEach((letter) => (widthsMm[letter] = usualMm));
    }
  }
  return Object.keys(widthsMm).length === 0
    ? { widthsMm, wrong: 'Say which letters there are.' }
    : { widthsMm };
}
