import { type Fact, standing, type Step } from './facts';

/**
 * The steps with what waits on this device marked as done. Nothing else is decided here: what
 * follows from a fact the server works out.
 */
export function marked(all: Step[], noted: Fact[]): Step[] {
  if (noted.length === 0) {
    return all;
  }
  const waiting = standing(noted);
  const steps = all.map((step) => withWent(step, waiting));
  const done = new Set(
    steps.filter((s) => waiting.some((f) => completes(f, s))).map((step) => step.key),
  );
  const marks = steps.map((step): Step =>
    done.has(step.key)
      ? { ...step, status: 'done' }
      : step.status === 'now'
        ? { ...step, status: 'later' }
        : step,
  );
  const next = marks.findIndex((s) => s.status === 'later');
  return marks.map((step, i) => (i === next ? { ...step, status: 'now' } : step));
}

function completes({ what }: Fact, step: Step): boolean {
  switch (what?.kind) {
    case 'asAsked':
      return step.weigh?.mix === what.mix;
    case 'checked':
      return step.completedBy === what.kind && step.about === what.check;
    case 'weighed':
      return step.completedBy === what.kind && step.about === what.line && !what.more;
    case 'wetted':
      return step.completedBy === what.kind && step.about === what.mix;
    case 'filled':
      return (
        step.completedBy === what.kind &&
        step.about === what.copy &&
        step.batch === what.batch &&
        (what.all || step.fill?.whole === false)
      );
    case 'leftOut':
      return step.kind === 'fill' && step.about === what.copy;
    case 'tapped':
      return step.completedBy === what.kind && step.about === what.batch;
    case 'leftWeighed':
    case 'recorded':
      return step.completedBy === what.kind;
    default:
      return false;
  }
}

/** What waits of a weighing counts as gone in. */
function withWent(step: Step, waiting: Fact[]): Step {
  const { weigh } = step;
  if (!weigh) {
    return step;
  }
  const kg = waiting.reduce(
    (sum, { what }) => sum + (what?.kind === 'weighed' && what.line === step.about ? what.kg : 0),
    0,
  );
  return kg === 0
    ? step
    : {
        ...step,
        weigh: {
          ...weigh,
          wentKg: weigh.wentKg + kg,
          askedKg: weigh.bitByBit ? weigh.askedKg : Math.max(0, weigh.askedKg - kg),
        },
      };
}
