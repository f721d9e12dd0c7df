import type { Step } from './steps';

/** What has been done of a sheet; kept on this device until it is poured. */
export interface Draft {
  /** Makes the pour one act, however often it is sent. */
  key: string;
  /** Steps done, in order, with the moment on the workshop's clock. */
  done: { key: string; at: number; actualKg?: number }[];
  /** Small additions to the step at hand, in kg. */
  portions: number[];
}

export function freshDraft(key: string): Draft {
  return { key, done: [], portions: [] };
}

export function take(draft: Draft, key: string, at: number, actualKg?: number): Draft {
  const entry = { key, at, ...(actualKg !== undefined && { actualKg }) };
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

/** When the mix at hand was wetted; undefined before. */
export function wettedAt(steps: Step[], draft: Draft): number | undefined {
  const wet = draft.done.filter((d) => steps.find((s) => s.key === d.key)?.kind === 'wet');
  return wet[wet.length - 1]?.at;
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

/** What really went in of each material, all batches together. */
export function weighOuts(steps: Step[], draft: Draft): { materialId: number; actualKg: number }[] {
  const byMaterial = new Map<number, number>();
  for (const step of steps) {
    const done = draft.done.find((d) => d.key === step.key);
    if (step.kind === 'weigh' && done?.actualKg !== undefined) {
      byMaterial.set(step.materialId, (byMaterial.get(step.materialId) ?? 0) + done.actualKg);
    }
  }
  return [...byMaterial].map(([materialId, actualKg]) => ({ materialId, actualKg }));
}

/** What was left in the bowl; undefined where it was not weighed. */
export function leftKg(draft: Draft): number | undefined {
  return draft.done.find((d) => d.key === 'left')?.actualKg;
}
