import type { Step } from './steps';

/** What has been done of a sheet; kept on this device until it is poured. */
export interface Draft {
  /** Makes the pour one act, however often it is sent. */
  key: string;
  /** Steps done, in order, with the moment on the workshop's clock. */
  done: { key: string; at: number; actualKg?: number; assumed?: boolean }[];
  /** Small additions to the step at hand, in kg. */
  portions: number[];
}

export function freshDraft(key: string): Draft {
  return { key, done: [], portions: [] };
}

/** @param assumed whether nobody measured it: it counts as asked, and teaches nothing */
export function take(
  draft: Draft,
  key: string,
  at: number,
  actualKg?: number,
  assumed = false,
): Draft {
  const entry = { key, at, ...(actualKg !== undefined && { actualKg, assumed }) };
  return { ...draft, done: [...draft.done, entry], portions: [] };
}

export function add(draft: Draft, kg: number): Draft {
  return { ...draft, portions: [...draft.portions, kg] };
}

/** Takes back the last addition, or the last step. */
export function undo(draft: Draft): Draft {
  return draft.portions.length > 0
    ? { ...draft, portions: draft.portions.slice(0, -1) }
    : { ...draft, done: draft.done.slice(0, -1) };
}

export function isFresh(draft: Draft): boolean {
  return draft.done.length === 0 && draft.portions.length === 0;
}

export function added(draft: Draft): number {
  return draft.portions.reduce((sum, kg) => sum + kg, 0);
}

/** The step that is next; the last one stays until it is poured. */
export function current(steps: Step[], draft: Draft): number {
  return Math.min(draft.done.length, steps.length - 1);
}

/** When the first of the layers at hand was wetted; undefined before. */
export function wettedAt(steps: Step[], draft: Draft): number | undefined {
  let first: number | undefined;
  let filled = false;
  for (const done of draft.done) {
    const step = steps.find((s) => s.key === done.key);
    if (step?.kind === 'wet') {
      // After a filling it is the next batch's first.
      first = first === undefined || filled ? done.at : first;
      filled = false;
    }
    filled = filled || step?.kind === 'fill';
  }
  return first;
}

/** Minutes from mixed to filled, all batches together; undefined where nothing was filled. */
export function fillingMin(steps: Step[], draft: Draft): number | undefined {
  let minutes: number | undefined;
  let before: number | undefined;
  for (const done of draft.done) {
    if (steps.find((s) => s.key === done.key)?.kind === 'fill' && before !== undefined) {
      minutes = (minutes ?? 0) + (done.at - before) / 60_000;
    }
    before = done.at;
  }
  return minutes;
}

/** How much of the mix is in the bowl before a step, 0 to 1. */
export function inBowl(steps: Step[], at: number): number {
  for (let i = at - 1; i >= 0; i--) {
    const step = steps[i];
    if (step?.kind === 'weigh') {
      return step.share;
    }
    if (step?.kind === 'tap' || step?.kind === 'check') {
      return step.kind === 'tap' && at === steps.length - 1 ? 1 : 0;
    }
  }
  return 0;
}

/** What really went into each layer, material by material, all batches together. */
export function layersOf(
  steps: Step[],
  draft: Draft,
  count: number,
): { weighOuts: { materialId: number; actualKg: number; measured: boolean }[] }[] {
  return Array.from({ length: count }, (_, layer) => {
    const byMaterial = new Map<number, { actualKg: number; measured: boolean }>();
    for (const step of steps) {
      const done = draft.done.find((d) => d.key === step.key);
      if (step.kind === 'weigh' && step.layer === layer && done?.actualKg !== undefined) {
        const before = byMaterial.get(step.materialId) ?? { actualKg: 0, measured: true };
        byMaterial.set(step.materialId, {
          actualKg: before.actualKg + done.actualKg,
          measured: before.measured && !done.assumed,
        });
      }
    }
    return {
      weighOuts: [...byMaterial].map(([materialId, went]) => ({ materialId, ...went })),
    };
  });
}

/** What was left in the bowl; undefined where it was not weighed. */
export function leftKg(draft: Draft): number | undefined {
  return draft.done.find((d) => d.key === 'left')?.actualKg;
}
