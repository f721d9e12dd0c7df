import type { Pick } from '../server/useDispatch';

type Picked = Pick['places'][number]['pieces'][number];

/** Pieces of one product and colourway together. */
export function alike(pieces: Picked[]): [Picked, ...Picked[]][] {
  const groups = new Map<string, [Picked, ...Picked[]]>();
  for (const piece of pieces) {
    const key = `${piece.product}, ${piece.colourway}`;
    groups.set(key, [...(groups.get(key) ?? []), piece] as [Picked, ...Picked[]]);
  }
  return [...groups.values()];
}
