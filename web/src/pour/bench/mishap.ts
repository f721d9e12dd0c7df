import { benchMass } from '../../kit/style/bench';
import type { Step, What } from '../script/facts';
import type { Bench } from '../words';

export interface Mishap {
  words: string;
  whats: What[];
}

/** Something that goes wrong at a step, as it may on any morning; none where nothing can. */
export function mishapAt({ state }: Bench, step: Step): Mishap | undefined {
  if (step.weigh && !step.weigh.bitByBit) {
    const over = step.weigh.role === 'pigment' || step.weigh.role === 'water';
    const kg = step.weigh.askedKg * (over ? 1.3 : 0.8);
    return {
      words: over
        ? `A hand slipped: ${benchMass(kg)} went in.`
        : `The bag was nearly empty: only ${benchMass(kg)} went in.`,
      whats: [{ kind: 'weighed', line: step.about, kg, source: 'scale', more: false }],
    };
  }
  if (step.weigh?.bitByBit) {
    const kg = (step.weigh.mostKg ?? step.weigh.askedKg) * 1.4;
    return {
      words: `The jug tipped: ${benchMass(kg)} went in at once.`,
      whats: [{ kind: 'weighed', line: step.about, kg, source: 'scale', more: false }],
    };
  }
  if (step.kind === 'fill') {
    const left = state.batches.find((b) => b.batch === step.batch)?.leftKg ?? 0;
    return left > 0
      ? {
          words: `${step.about} took half, and the bowl is empty.`,
          whats: [
            { kind: 'filled', copy: step.about, batch: step.batch ?? '', all: false },
            { kind: 'emptied', batch: step.batch ?? '' },
          ],
        }
      : undefined;
  }
  return undefined;
}
