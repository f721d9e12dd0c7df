import type { Cause, Told } from '../server/useInspect';
import { numberIn } from '../kit/format';
import type { Measure } from '../kit/style/units';
import { valueIn } from '../kit/style/read';

type FactName = NonNullable<Cause['asks']>;

interface Ask {
  ask: string;
  yesNo: boolean;
  /** Where its number has a unit of the shop. */
  measure?: Measure;
}

/** What only a person can tell, as it is asked; yes and no count as 1 and 0. */
const ASKED: Partial<Record<FactName, Ask>> = {
  tappedMin: { ask: 'tapped for, min', yesNo: false },
  tappedUntilMin: { ask: 'tapped until, min after wetting', yesNo: false },
  holdDownGivenKg: { ask: 'held down with', yesNo: false, measure: 'mass' },
  coreOffsetMm: { ask: 'core off by', yesNo: false, measure: 'length' },
  grainMm: { ask: 'largest grain', yesNo: false, measure: 'length' },
  coatGramsPerM2: { ask: 'sealer a coat', yesNo: false, measure: 'coverage' },
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
  const measure = ASKED[name]?.measure;
  const value = measure ? (valueIn(text, measure) ?? Number.NaN) : numberIn(text);
  return text.trim() === '' || !Number.isFinite(value) ? rest : { ...rest, [name]: value };
}
