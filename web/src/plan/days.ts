import { counted } from '../kit/format';
import { sheetPath } from '../server/usePour';
import type { PlannedCast, Plan, Visit } from '../server/usePlan';
import { clockTime } from '../kit/style/time';

/** The casts that are poured in a visit. */
function castsOf(plan: Plan, visit: Visit): PlannedCast[] {
  return visit.casts
    .map((no) => plan.casts.find((c) => c.no === no))
    .filter((c): c is PlannedCast => c !== undefined);
}

/** The codes of the copies that are filled in a visit. */
export const copiesOf = (plan: Plan, visit: Visit) => castsOf(plan, visit).map((c) => c.copy);

/** "1 Ripple bowl, 2 Reed vases": of one colour several products are poured from one bowl. */
export function goodsOf(plan: Plan, visit: Visit): string {
  const pieces = new Map<string, number>();
  for (const cast of castsOf(plan, visit)) {
    pieces.set(cast.product, (pieces.get(cast.product) ?? 0) + cast.pieces);
  }
  return pieces.size === 0
    ? counted(visit.pieces, visit.product)
    : [...pieces].map(([product, n]) => counted(n, product)).join(', ');
}

/**
 * Where the sheet for a visit's casts starts: each product with its line and copies. Copies that
 * hold something still are left for later, as long as others are free.
 */
export function sheetOf(plan: Plan, visit: Visit): string | undefined {
  const casts = castsOf(plan, visit);
  const held = plan.moulds.flatMap((m) => m.copies.filter((c) => c.heldUntil).map((c) => c.copyId));
  const free = casts.filter((c) => !held.includes(c.copyId));
  const ready = free.length > 0 ? free : casts;
  const first = ready[0];
  if (!first) {
    return undefined;
  }
  const fills = new Map<string, PlannedCast[]>();
  for (const cast of ready) {
    const key = `${cast.productId}-${cast.lineId}`;
    // A copy that is filled twice that day is on the sheet once.
    const own = fills.get(key) ?? [];
    const taken = [...fills.values()].flat().some((c) => c.copyId === cast.copyId);
    fills.set(key, taken ? own : [...own, cast]);
  }
  return sheetPath({
    fills: [...fills.values()]
      .filter((own) => own.length > 0)
      .map((own) => ({
        productId: own[0]?.productId ?? 0,
        lineId: own[0]?.lineId ?? 0,
        copyIds: own.map((c) => c.copyId),
      })),
    colourwayId: first.colourwayId,
    firstLayer: first.firstLayer,
  });
}

/** The time of day of a local moment, as the shop says it. */
export function time(at: string): string {
  return clockTime(at.slice(11, 16));
}

export function hours(minutes: number): string {
  return minutes < 60
    ? `${Math.round(minutes)} min`
    : `${Math.floor(minutes / 60)} h ${String(Math.round(minutes % 60)).padStart(2, '0')}`;
}

/** Days since the first one, as a number with its time of day. */
export function daysSince(start: string, at: string): number {
  return (Date.parse(`${at.slice(0, 16)}Z`) - Date.parse(`${start}T00:00Z`)) / 86_400_000;
}

/** A local moment so many days after a day's start, to five minutes. */
export function momentAt(start: string, days: number): string {
  const minutes = Math.round((days * 1440) / 5) * 5;
  const at = new Date(Date.parse(`${start}T00:00Z`) + minutes * 60_000);
  return at.toISOString().slice(0, 16);
}
