import type { Defect, SeenDefect } from '../server/useInspect';

export type Grade = 'first' | 'second' | 'scrap';

/** What cannot be mended or sold cheaper: it is not sound. */
const UNSOUND: readonly Defect[] = ['crack', 'torn', 'weak'];

/** What a piece looks like by what is seen on it; the person decides. */
export function suggested(seen: SeenDefect[]): { grade: Grade; why: string } {
  const unsound = seen.find((d) => UNSOUND.includes(d.defect));
  if (unsound) {
    return { grade: 'scrap', why: 'looks like scrap: it is not sound' };
  }
  return seen.length > 0
    ? { grade: 'second', why: 'looks like a second: it shows, and is sound otherwise' }
    : { grade: 'first', why: 'looks like a first: nothing is seen on it' };
}
