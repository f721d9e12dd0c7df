import { benchMass } from '../../kit/style/bench';
import { PLACING } from '../placing';
import type { Step, What } from '../script/facts';
import { addedTo, enough, filled, weighed } from './acts';
import { type Bench, stopOf } from '../words';

/** What the main key of a step says, and what it notes. */
export interface Onwards {
  words: string;
  whats: What[];
  /** Whether what comes next is weighed from nothing: the scale is tared after. */
  tares: boolean;
}

/**
 * What goes on from a step.
 *
 * @param kg what lies on the scale; undefined where nothing does
 */
export function onwards(bench: Bench, step: Step, kg: number | undefined): Onwards {
  const as = (words: string, whats: What[], tares = false): Onwards => ({ words, whats, tares });
  switch (step.kind) {
    case 'check':
      return as('Done, go on', [{ kind: 'checked', check: step.about }]);
    case 'weigh':
      return weighing(step, kg, as);
    case 'wet':
      return as('Wet now', [{ kind: 'wetted', mix: step.about }]);
    case 'fill': {
      const stop = step.fill?.whole ? stopOf(bench.sheet, step.about) : undefined;
      const whole = step.fill?.whole ?? true;
      const words = whole ? `${step.about} is full` : `${step.about} has its part`;
      const mixKg = kg === undefined || !stop ? 0 : kg - stop.beforeKg;
      return mixKg > 0
        ? as(words, filled(step, whole, { kg: mixKg, source: 'scale' }), true)
        : as(words, filled(step, whole));
    }
    case 'finish':
      return as(PLACING[bench.sheet.recipe.placement].done, [
        { kind: 'tapped', batch: step.about },
      ]);
    case 'left':
      return as('Placed, go on', [
        { kind: 'leftWeighed', kg: Math.max(0, bench.state.bowl.leftKg), source: 'assumed' },
      ]);
    case 'record':
      return as('Record it', [{ kind: 'recorded' }]);
  }
}

function weighing(
  step: Step,
  kg: number | undefined,
  as: (words: string, whats: What[], tares?: boolean) => Onwards,
): Onwards {
  const asked = step.weigh?.askedKg ?? 0;
  const went = step.weigh?.wentKg ?? 0;
  if (step.weigh?.bitByBit) {
    return went > 0
      ? as(`It flows with ${benchMass(went)}`, enough(step))
      : as(`${benchMass(asked)} went in`, weighed(step, asked, 'assumed'));
  }
  return kg === undefined
    ? as(`${benchMass(asked)} went in`, weighed(step, asked, 'assumed'))
    : as(`Take ${benchMass(kg)} as it is`, weighed(step, kg, 'scale'), true);
}

/** A small addition that lies on the scale, where water goes in little by little. */
export function addition(step: Step, kg: number | undefined): Onwards | undefined {
  return step.weigh?.bitByBit && kg !== undefined
    ? { words: `Add ${benchMass(kg)}`, whats: addedTo(step, kg, 'scale'), tares: true }
    : undefined;
}
