import type { Schemas } from '../api/client';

export type Basis = NonNullable<Schemas['RecipePart']['basis']>;
export type Addition = NonNullable<Schemas['NewRecipe']['addition']>;

export const BASES: readonly (readonly [Basis, string])[] = [
  ['partsByVolume', 'parts by volume'],
  ['partsByMass', 'parts by mass'],
  ['percentOfBinder', '% of binder'],
  ['gramsPerKgMix', 'g a kg of mix'],
];

export const ADDITIONS: readonly (readonly [Addition, string])[] = [
  ['colourInWater', 'colour into the water, then powder'],
  ['colourInPowder', 'powder and dry colour, then water'],
  ['colourLast', 'colour when the mix is right'],
];

export function basisName(basis: Basis | undefined): string {
  return BASES.find(([b]) => b === basis)?.[1] ?? '';
}
