import type { What } from '../script/facts';

/** What a reason is asked for. */
export type Reasoned = Extract<What, { kind: 'leftOut' | 'thrown' | 'abandoned' }>;

/** What stands in the middle instead of the step at hand. */
export type Panel =
  | { kind: 'otherwise' }
  | { kind: 'why'; what: Reasoned }
  | { kind: 'room' }
  | { kind: 'split' }
  | { kind: 'putIn' }
  | { kind: 'settings' };

/** Reasons that need no typing. */
export const REASONS: Record<Reasoned['kind'], string[]> = {
  leftOut: ['it leaks', 'not clean', 'the mix ran short', 'not needed today'],
  thrown: ['it went off', 'too wet', 'dirt in it', 'nothing to fill'],
  abandoned: ['opened by mistake', 'called away', 'a material is missing', 'poured otherwise'],
};

export function questionOf(what: Reasoned): string {
  switch (what.kind) {
    case 'leftOut':
      return `Why is ${what.copy} left out?`;
    case 'thrown':
      return 'Why is it thrown away?';
    case 'abandoned':
      return 'Why is this pour given up?';
  }
}
