import type { Fact, Step } from './facts';

/**
 * The steps with what waits on this device marked as done. Nothing else is decided here: what
 * follows from a fact the server works out.
 */
export function marked(steps: Step[], waiting: Fact[]): Step[] {
  if (waiting.length === 0) {
    return steps;
  }
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
