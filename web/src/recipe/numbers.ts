import { unitOf } from '../kit/style/units';

export type NumberField =
  | 'airPercent'
  | 'yieldFactor'
  | 'workingMinAt20C'
  | 'mixMin'
  | 'demouldAgeH'
  | 'greenUntilAgeH'
  | 'sealAfterH'
  | 'retention'
  | 'batchYieldL'
  | 'strength28Mpa';

/** The plain numbers of a recipe, with their labels at the standard temperature. */
export const NUMBERS: readonly (readonly [NumberField, (standard: string) => string])[] = [
  ['workingMinAt20C', (standard) => `working time at ${standard}, min`],
  ['mixMin', () => 'mixing, min'],
  ['demouldAgeH', (standard) => `out of the mould at ${standard}, h`],
  ['greenUntilAgeH', () => 'green until, h'],
  ['sealAfterH', () => 'dries before sealing, h'],
  ['airPercent', () => 'air, %'],
  ['yieldFactor', () => 'real yield over the sum'],
  ['retention', () => 'dry over wet'],
  ['batchYieldL', () => `measured yield of these parts, ${unitOf('volume')}`],
  ['strength28Mpa', () => `strength at 28 days on its data sheet, ${unitOf('strength')}`],
];
