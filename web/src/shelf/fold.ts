import type { Group } from '../server/useShelf';

/** More groups than so many on one board are folded. */
export const CROWD = 40;

/**
 * Folds a crowded board: groups of one product and colour at the same step that are due in the same
 * hour stand as one. The count stays true, and so do the pieces and the casts that an act is about.
 */
export function fold(groups: Group[], hourMs = 3_600_000): Group[] {
  if (groups.length <= CROWD) {
    return groups;
  }
  const folded = new Map<string, Group>();
  for (const group of groups) {
    const hour = group.gateAt ? Math.floor(Date.parse(group.gateAt) / hourMs) : '';
    const key = [
      group.productId,
      group.swatch,
      group.stepNo,
      group.round,
      group.routeId,
      group.next?.layer,
      group.place,
      hour,
    ].join(' ');
    const before = folded.get(key);
    folded.set(key, before ? together(before, group) : group);
  }
  return [...folded.values()];
}

/** The later gate counts: what is folded is due when all of it is. */
function together(a: Group, b: Group): Group {
  const later = (x: string | undefined, y: string | undefined) => (x && y ? (x > y ? x : y) : x);
  const sooner = (x: string | undefined, y: string | undefined) => (x && y ? (x < y ? x : y) : x);
  const folded: Group = {
    ...a,
    pieces: a.pieces + b.pieces,
    attendedMin: a.attendedMin + b.attendedMin,
    litres: a.litres + b.litres,
    pieceIds: [...a.pieceIds, ...b.pieceIds],
    casts: [...a.casts, ...b.casts],
    warnings: a.warnings.length > 0 ? a.warnings : b.warnings,
  };
  const gateAt = later(a.gateAt, b.gateAt);
  const bestUntil = sooner(a.bestUntil, b.bestUntil);
  return {
    ...folded,
    ...(gateAt !== undefined && { gateAt }),
    ...(bestUntil !== undefined && { bestUntil }),
  };
}
