import type { Schemas } from '../api/client';

export type Basis = NonNullable<Schemas['RecipePart']['basis']>;
export type Addition = NonNullable<Schemas['NewRecipe']['addition']>;

export const BASES: readonly (readonly [Basis, string])[] = [
  ['partsByVolume', 'parts by volume'],
  ['partsByMass', 'parts by mass'],
  ['percentOfBinder', '% of binder'],
  ['gramsPerKgMix', 'parts per 1000 of mix'],
];

export const ADDITIONS: readonly (readonly [Addition, string])[] = [
  ['colourInWater', 'colour into the water, then powder'],
  ['colourInPowder', 'powder and dry colour, then water'],
  ['colourLast', 'colour when the mix is right'],
];

export const PLACEMENTS: readonly (readonly [
  NonNullable<Schemas['NewRecipe']['placement']>,
  string,
])[] = [
  ['poured', 'poured, then tapped'],
  ['trowelled', 'trowelled in, then struck off'],
  ['pressed', 'rammed in layers'],
  ['stamped', 'packed firm, then lettered'],
  ['draped', 'cloth soaked in it and hung'],
];

/** A part as it is said: "1 part by volume", "3 % of binder". */
export function amountWords(part: Schemas['RecipePart'] | undefined): string {
  if (!part) {
    return '';
  }
  const basis = BASES.find(([b]) => b === part.basis)?.[1] ?? '';
  return `${part.amount} ${part.amount === 1 ? basis.replace('parts', 'part') : basis}`;
}
