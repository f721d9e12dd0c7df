import type { Cause, Told } from './useInspect';
import { numberIn } from '../kit/format';

type FactName = NonNullable<Cause['asks']>;

/** What only a person can tell, as it is asked; yes and no count as 1 and 0. */
const ASKED: Partial<Record<FactName, { ask: string; yesNo: boolean }>> = {
  tappedMin: { ask: 'tapped for, min', yesNo: false },
  tappedUntilMin: { ask: 'tapped until, min after wetting', yesNo: false },
  holdDownGivenKg: { ask: 'held down with, kg', yesNo: false },
  coreOffsetMm: { ask: 'core off by, mm', yesNo: false },
  grainMm: { ask: 'largest grain, mm', yesNo: false },
  coatGramsPerM2: { ask: 'sealer a coat, g/m²', yesNo: false },
  lipInOneGo: { ask: 'lip filled in one go', yesNo: true },
  releasePooled: { ask: 'release agent pooled', yesNo: true },
  released: { ask: 'released', yesNo: true },
  sharpCorner: { ask: 'sharp inner corner', yesNo: true },
  partBottle: { ask: 'a part bottle went in', yesNo: true },
  levelChecked: { ask: 'level was checked', yesNo: true },
  mouldTared: { ask: 'mould was tared', yesNo: true },
};

export function asked(name: FactName) {
  return ASKED[name];
}

/** What was told, with one more thing; nonsense takes it out again. */
export function tell(told: Told, name: FactName, text: string): Told {
  const { [name]: before, ...rest } = told as Record<string, number>;
  void before;
  const value = numberIn(text);
  return text.trim() === '' || !Number.isFinite(value) ? rest : { ...rest, [name]: value };
}
