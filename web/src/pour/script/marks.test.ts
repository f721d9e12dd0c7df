import { expect, test } from 'vitest';
import { type Fact, factsOf, lastPress, type Step, takingBack } from './facts';
import { marked } from './marks';

const step = (key: string, kind: Step['kind'], about: string, more: Partial<Step> = {}): Step => ({
  key,
  kind,
  status: 'later',
  completedBy: { check: 'checked', weigh: 'weighed', wet: 'wetted', fill: 'filled' }[
    kind as 'check'
  ],
  about,
  bowl: 0,
  ...more,
});
const weigh = (key: string, mix: string) =>
  step(key, 'weigh', key, {
    batch: 'b1',
    weigh: {
      mix,
      material: '7',
      role: 'binder',
      askedKg: 2,
      toleranceKg: 0.02,
      wentKg: 0,
      bitByBit: false,
    },
  });

const STEPS: Step[] = [
  step('check/moulds', 'check', 'moulds', { status: 'now' }),
  weigh('l1', 'm1'),
  weigh('l2', 'm1'),
  step('wet/m1', 'wet', 'm1', { batch: 'b1' }),
  step('fill/b1/R1', 'fill', 'R1', {
    batch: 'b1',
    fill: { copy: 'R1', kg: 1, kgByMix: { m1: 1 }, whole: true },
  }),
];

const says = (...whats: NonNullable<Fact['what']>[]) => factsOf(whats, 0, {});
const stands = (steps: Step[]) => steps.map((s) => s.status);

test('without anything waiting the steps are as the server said', () => {
  expect(marked(STEPS, [])).toBe(STEPS);
});

test('a fact that waits completes its step, and the next one is at hand', () => {
  const facts = says(
    { kind: 'checked', check: 'moulds' },
    { kind: 'weighed', line: 'l1', kg: 2, source: 'typed', more: false },
  );
  const marks = marked(STEPS, facts);
  expect(stands(marks)).toEqual(['done', 'done', 'now', 'later', 'later']);
  expect(marks[1]?.weigh?.wentKg).toBe(2);
});

test('as asked completes all of a mix, an addition with more to come none', () => {
  expect(stands(marked(STEPS, says({ kind: 'asAsked', mix: 'm1' })))).toEqual([
    'now',
    'done',
    'done',
    'later',
    'later',
  ]);
  const little = says({ kind: 'weighed', line: 'l1', kg: 0.5, source: 'typed', more: true });
  expect(stands(marked(STEPS, little))[1]).toBe('later');
  expect(marked(STEPS, little)[1]?.weigh).toMatchObject({ wentKg: 0.5, askedKg: 1.5 });
});

test('half a filling leaves the copy to be topped up, another copy completes nothing', () => {
  const half = says({ kind: 'filled', copy: 'R1', batch: 'b1', all: false });
  expect(stands(marked(STEPS, half)).at(-1)).toBe('later');
  const other = says({ kind: 'filled', copy: 'R2', batch: 'b1', all: true });
  expect(stands(marked(STEPS, other)).at(-1)).toBe('later');
});

test('what is taken back while it waits never was', () => {
  const facts = says({ kind: 'checked', check: 'moulds' });
  const back = factsOf(takingBack(facts), 1, {});
  expect(stands(marked(STEPS, [...facts, ...back]))[0]).toBe('now');
});

test('one press is undone whole, the press before it next', () => {
  const first = says({ kind: 'checked', check: 'moulds' });
  const both = says({ kind: 'asAsked', mix: 'm1' }, { kind: 'wetted', mix: 'm1' });
  expect(lastPress([...first, ...both])).toEqual(both);
  const back = factsOf(takingBack(both), 2, {});
  expect(lastPress([...first, ...both, ...back])).toEqual(first);
});
