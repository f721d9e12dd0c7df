import type { Group } from '../server/useShelf';

const HOUR = 3_600_000;
const SPANS: [number, string][] = [
  [6 * HOUR, 'to 6 h'],
  [24 * HOUR, 'to 24 h'],
  [72 * HOUR, 'to 3 days'],
  [168 * HOUR, 'to 7 days'],
  [336 * HOUR, 'to 14 days'],
];

/** Where the plumb line hangs, as a share of a board's width. */
export const PLUMB = 0.33;

export function gate(group: Group): number {
  return group.gateAt ? Date.parse(group.gateAt) : Infinity;
}

export function isDue(group: Group, now: number): boolean {
  return gate(group) <= now;
}

/** Whether it is past the time in which it is easy. */
export function isLate(group: Group, now: number): boolean {
  return group.bestUntil !== undefined && Date.parse(group.bestUntil) < now;
}

/** A board's own scale: the least that shows all its gates. */
export function spanOf(groups: Group[], now: number): { ms: number; label: string } {
  const last = Math.max(0, ...groups.map((g) => gate(g) - now).filter(Number.isFinite));
  const [ms, label] = SPANS.find(([ms]) => last <= ms) ?? [last, 'all to come'];
  return { ms, label };
}

/** What harms pieces permanently, or can no longer be done well, where nobody acts soon. */
const URGENT = ['cure.frost', 'cure.hot', 'green.closing'];

export function isUrgent(group: Group): boolean {
  return group.warnings.some((w) => URGENT.includes(w.code));
}

/** The next clocks, urgent ones first, then the soonest. */
export function nextThree(groups: Group[]): Group[] {
  return groups
    .filter((g) => g.gateAt !== undefined)
    .sort((a, b) => Number(isUrgent(b)) - Number(isUrgent(a)) || gate(a) - gate(b))
    .slice(0, 3);
}

export interface Placed {
  group: Group;
  x: number;
}

/**
 * Sets groups out along a board: what is due ends at the plumb line, later ones stand where their
 * gate is, pushed right so that none covers another. Widths and places in px.
 */
export function place(
  groups: Group[],
  now: number,
  spanMs: number,
  boardPx: number,
  widthOf: (group: Group) => number,
): Placed[] {
  const plumb = boardPx * PLUMB;
  const gap = 14;
  const sorted = [...groups].sort((a, b) => gate(a) - gate(b));
  const due = sorted.filter((g) => isDue(g, now)).reverse();
  const placed: Placed[] = [];
  let right = plumb - 6;
  for (const group of due) {
    right -= widthOf(group);
    placed.push({ group, x: right });
    right -= gap;
  }
  let from = plumb + 8;
  for (const group of sorted.filter((g) => !isDue(g, now))) {
    const wanted = plumb + 8 + ((gate(group) - now) / spanMs) * (boardPx - plumb) * 0.86;
    const x = Math.max(from, wanted);
    placed.push({ group, x });
    from = x + widthOf(group) + gap;
  }
  // The last ones move left again as far as they must to stay on the board, and as far as they can.
  let limit = boardPx - 8;
  for (const p of placed.slice(due.length).reverse()) {
    p.x = Math.max(Math.min(p.x, limit - widthOf(p.group)), plumb + 8);
    limit = p.x - gap;
  }
  from = plumb + 8;
  for (const p of placed.slice(due.length)) {
    p.x = Math.max(p.x, from);
    from = p.x + widthOf(p.group) + gap;
  }
  // What is due may be more than fits left of the line; then everything moves right together.
  const least = Math.min(0, ...placed.map((p) => p.x));
  return placed.map((p) => ({ ...p, x: p.x - least }));
}

/** How far a board that has more due than fits is scrolled, so that its due ones end at the line. */
export function shiftOf(
  placed: Placed[],
  now: number,
  boardPx: number,
  widthOf: (group: Group) => number,
): number {
  const ends = placed.filter((p) => isDue(p.group, now)).map((p) => p.x + widthOf(p.group));
  return Math.max(0, ...ends.map((end) => end - (boardPx * PLUMB - 6)));
}
