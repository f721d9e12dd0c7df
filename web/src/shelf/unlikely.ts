import type { Schemas } from '../api/client';
import { counted } from '../kit/format';
import { entry } from '../kit/style/entry';
import { mass } from '../kit/style/units';

/** The question that an unlikely mass raises; none where it may well be. */
export function doubt(
  massKg: number | undefined,
  usual: Schemas['UsualMass'] | undefined,
  product: string,
): string | undefined {
  if (massKg === undefined || usual === undefined || massKg <= 0) {
    return undefined;
  }
  return massKg > usual.mostKg || massKg < usual.leastKg
    ? `${entry(massKg, 'mass')}? ${counted(1, product)} of this mould weighs about ${mass(usual.massKg)}. Press again if it is so.`
    : undefined;
}
