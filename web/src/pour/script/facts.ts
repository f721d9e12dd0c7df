import type { Schemas } from '../../api/client';
import { newKey } from '../../api/key';

export type Session = Schemas['PourSessionView'];
export type Fact = Schemas['PourFact'];
export type What = NonNullable<Fact['what']>;
export type Step = Schemas['Step'];
export type PourState = Schemas['PourStateView'];

/** Where a pour is noted and by whom, as this device knows it. */
export interface Noted {
  bench?: string;
  person?: string;
}

/** What one press says: its facts share the first part of their keys, so that undo finds them. */
export function factsOf(whats: What[], at: number, by: Noted): Fact[] {
  const press = newKey();
  return whats.map((what, i) => ({
    key: `${press}.${i}`,
    at: new Date(at).toISOString(),
    ...by,
    what,
  }));
}

export function pressOf(key: string): string {
  return key.split('.')[0] ?? key;
}

/** Those that count: neither taken back nor taking back. */
export function standing(facts: Fact[]): Fact[] {
  const gone = new Set(facts.map((f) => (f.what?.kind === 'takenBack' ? f.what.fact : '')));
  return facts.filter((f) => f.what?.kind !== 'takenBack' && !gone.has(f.key));
}

/** The facts of the last press that still counts. */
export function lastPress(facts: Fact[]): Fact[] {
  const counting = standing(facts);
  const last = counting.at(-1);
  return last ? counting.filter((f) => pressOf(f.key) === pressOf(last.key)) : [];
}

/** The facts that take others back, the latest first. */
export function takingBack(facts: Fact[]): What[] {
  return [...facts].reverse().map((f) => ({ kind: 'takenBack', fact: f.key }));
}
