import type { Schemas } from '../api/client';

export type Family = NonNullable<Schemas['NewMould']['family']>;
export type Kind = Schemas['Solid']['kind'];

export const FAMILIES: readonly (readonly [Family, string])[] = [
  ['vessels', 'vessels'],
  ['trays', 'trays'],
  ['pavers', 'pavers'],
  ['lamps', 'lamps'],
  ['fitnessStones', 'fitness stones'],
];

export function familyName(family: Family): string {
  return FAMILIES.find(([f]) => f === family)?.[1] ?? family;
}

/** What a shape is called, as it is said in "a cone less a cone". */
export const KIND_NAMES: Record<Kind, string> = {
  box: 'box',
  cylinder: 'cylinder',
  cone: 'cone',
  pyramid: 'tapered box',
  sphere: 'sphere',
  polygonPrism: 'polygon',
  outline: 'outline',
  revolved: 'turned shape',
  mesh: 'mesh',
  measured: 'measured volume',
  sheet: 'sheet',
};
