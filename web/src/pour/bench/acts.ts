import type { Schemas } from '../../api/client';
import type { PourState, Step, What } from '../script/facts';
import { takingBack } from '../script/facts';
import type { Bench } from '../words';

export type FreeMould = Schemas['FreeMould'];

/** What a key or a choice at the bench says happened. */

export function weighed(step: Step, kg: number, source: 'scale' | 'typed' | 'assumed'): What[] {
  return [{ kind: 'weighed', line: step.about, kg, source, more: false }];
}

/** A little of it, more to come. */
export function addedTo(step: Step, kg: number, source: 'scale' | 'typed'): What[] {
  return [{ kind: 'weighed', line: step.about, kg, source, more: true }];
}

/** Nothing more goes into it. */
export function enough(step: Step): What[] {
  return [{ kind: 'weighed', line: step.about, kg: 0, source: 'scale', more: false }];
}

/** The rest of a mix, and that it is wet: one press without a scale. */
export function allAsAsked(step: Step, state: PourState): What[] {
  const mix = step.weigh?.mix ?? '';
  const wet = state.steps.find((s) => s.kind === 'wet' && s.about === mix);
  return [
    { kind: 'asAsked', mix },
    ...(wet && wet.status !== 'done' ? [{ kind: 'wetted', mix } as const] : []),
  ];
}

export function filled(
  step: Step,
  all: boolean,
  more: { kg?: number; source?: 'scale' | 'typed'; cavities?: number } = {},
): What[] {
  return [{ kind: 'filled', copy: step.about, batch: step.batch ?? '', all, ...more }];
}

/** Everything that is still to fill from the same bowl. */
export function allFilled(step: Step, state: PourState): What[] {
  return openFills(state, step.batch).flatMap((s) => filled(s, true));
}

export function openFills(state: PourState, batch: string | undefined): Step[] {
  return state.steps.filter(
    (s) => s.kind === 'fill' && s.batch === batch && (s.status === 'now' || s.status === 'later'),
  );
}

/** A part went in, and the bowl is empty with it. */
export function emptied(step: Step, bench: Bench, part: boolean): What[] {
  const batch = step.batch ?? '';
  const left = bench.state.batches.find((b) => b.batch === batch)?.leftKg ?? 0;
  return [...(part && left > 0 ? filled(step, false) : []), { kind: 'emptied', batch }];
}

export function leftOut(copies: string[], why: string): What[] {
  return copies.map((copy) => ({ kind: 'leftOut', copy, why }));
}

/** What the bowl gave less than its sum stays lost when something is tipped back into it. */
const NOT_ACCOUNTED_FOR = 'not accounted for';

/** Takes out again what went into copies that are not full, and that the bowl was empty. */
export function tippedBack({ session, state }: Bench, copies: string[], batch: string): What[] {
  const part = new Set(
    state.copies.filter((c) => copies.includes(c.copy) && c.fill === 'part').map((c) => c.copy),
  );
  const back = takingBack(
    session.facts.filter(
      ({ what }) =>
        (what?.kind === 'filled' && part.has(what.copy)) ||
        (what?.kind === 'emptied' && what.batch === batch),
    ),
  );
  const lostKg = state.batches.find((b) => b.batch === batch)?.lostKg ?? 0;
  return lostKg > 0
    ? [...back, { kind: 'thrown', batch, kg: lostKg, why: NOT_ACCOUNTED_FOR }]
    : back;
}

export function mixedMore(state: PourState, like: string, litres: number): What[] {
  return [{ kind: 'mixedMore', batch: nextBatch(state), like, litres }];
}

/** A name that no batch has. */
export function nextBatch(state: PourState, letter = 'b'): string {
  const taken = new Set(state.batches.map((b) => b.batch));
  let n = state.batches.length + 1;
  while (taken.has(letter + String(n))) {
    n += 1;
  }
  return letter + String(n);
}

/** Copies that were not planned, each to be filled. */
export function addedCopies(mould: FreeMould, count: number): What[] {
  return mould.copies.slice(0, count).map((key) => ({
    kind: 'added',
    copy: { key, litres: mould.litres, cavities: mould.cavities },
    product: String(mould.productId),
  }));
}

/** What the batch of a step is short of, as the server says. */
export function shortage(state: PourState, batch: string | undefined) {
  const found = state.findings.find(
    (f) => f.finding.code === 'pour.short' && f.finding.params['batch'] === batch,
  );
  const more = found?.remedies.find((r) => r.kind === 'mixedMore')?.values as
    { litres: number; materials: Record<string, number> } | undefined;
  if (!found || !more) {
    return undefined;
  }
  const { litres, copies } = found.finding.params as { litres: number; copies: string };
  return {
    litres,
    copies: copies.split(' '),
    mixL: more.litres,
    materials: Object.entries(more.materials),
  };
}
