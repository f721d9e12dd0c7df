import type { Schemas } from '../api/client';

export type Section = Schemas['Section'];
export type Points = Section['outer'];

/** Widest half width of a section in mm. */
export function halfWidth(section: Section): number {
  return Math.max(...section.outer.map((p) => p.rMm));
}

/** The radius of a profile at a height, straight between its points. */
export function radiusAt(points: Points, z: number): number {
  let before = points[0];
  for (const here of points) {
    if (before && here.zMm >= z) {
      const span = here.zMm - before.zMm;
      const way = span > 0 ? (z - before.zMm) / span : 1;
      return before.rMm + (here.rMm - before.rMm) * way;
    }
    before = here;
  }
  return before?.rMm ?? 0;
}

/** A profile cut off at a height; as it is where it ends below. */
export function below(points: Points, z: number): Points {
  if ((points[points.length - 1]?.zMm ?? 0) <= z) {
    return points;
  }
  const kept = points.filter((p) => p.zMm < z);
  return [...kept, { rMm: radiusAt(points, z), zMm: z }];
}

/** The same outline left open at the top, for a stroke. */
export function openPath(points: Points, rimMm: number, offsetMm = 0): string {
  const down = [...points].reverse().map((p) => `${r(p.rMm + offsetMm)} ${r(rimMm - p.zMm)}`);
  const up = points.map((p) => `${r(offsetMm - p.rMm)} ${r(rimMm - p.zMm)}`);
  return `M${down.join('L')}L${up.join('L')}`;
}

/** An SVG path of a profile and its mirror image; y grows downwards from the rim. */
export function path(points: Points, rimMm: number, offsetMm = 0): string {
  const right = points.map((p) => `${r(p.rMm + offsetMm)} ${r(rimMm - p.zMm)}`);
  const mirror = [...points].reverse().map((p) => `${r(offsetMm - p.rMm)} ${r(rimMm - p.zMm)}`);
  return `M${right.join('L')}L${mirror.join('L')}Z`;
}

function r(n: number): number {
  return Math.round(n * 100) / 100;
}
