import type { Schemas } from '../api/client';
import { withArticle } from '../kit/format';
import { mass } from '../kit/style/units';

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

/** What is at hand to hold a core down: "a kettle-weight of 4 kg", "2 × brick of 2.3 kg". */
export function weightWords({ name, count, massKg }: Schemas['CommonWeight']): string {
  return `${count > 1 ? `${count} × ${name}` : withArticle(name)} of ${mass(massKg)}`;
}
