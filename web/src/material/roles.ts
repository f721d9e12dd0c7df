import type { Role } from '../server/useStock';

/** What a material does, in the order in which one looks for it. */
export const ROLES: readonly (readonly [Role, string])[] = [
  ['binder', 'cement and bagged mixes'],
  ['aggregate', 'sand, stone, light aggregate'],
  ['filler', 'fillers'],
  ['pigment', 'pigments'],
  ['admixture', 'admixtures'],
  ['fibre', 'fibre'],
  ['water', 'water'],
  ['releaseAgent', 'release agents'],
  ['sealer', 'sealers'],
  ['wax', 'wax'],
  ['fragrance', 'fragrance'],
  ['insert', 'inserts, wicks, fittings'],
  ['packing', 'packing'],
];

export function roleName(role: Role): string {
  return ROLES.find(([r]) => r === role)?.[1] ?? role;
}

/** What goes into a mix. */
export const IN_MIX: readonly Role[] = [
  'binder',
  'aggregate',
  'filler',
  'pigment',
  'admixture',
  'fibre',
  'water',
];
