import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show } from '../../test-shop';
import type { What } from '../script/facts';
import { emptied, nextBatch, shortage, tippedBack } from './acts';
import { onwards } from './go';
import { mishapAt } from './mishap';
import { benchAt, filling, SHORT, step, weighing } from './testPour';
import { type Reading, scaleKg } from './useScale';
import { WeighView } from './WeighView';
import { type Bench, said } from '../words';

const reading = (kg: number, part: Partial<Reading> = {}): Reading => ({
  kg,
  steady: true,
  state: 'weighing',
  ...part,
});

describe('the reading', () => {
  it('counts only when something stands on a scale that works', () => {
    expect(scaleKg(undefined)).toBeUndefined();
    expect(scaleKg(reading(0.001))).toBeUndefined();
    expect(scaleKg(reading(0.187))).toBe(0.187);
    expect(scaleKg({ steady: false, state: 'overload' })).toBeUndefined();
  });

  const weigh = weighing({ askedKg: 0.234, toleranceKg: 0.002 }).weigh;
  it.each<[string, Reading | undefined, string]>([
    ['nothing on it', undefined, 'weigh to 234 g, within 2 g'],
    ['on the way', reading(0.187), '47 g to go · of 234 g · scale steady'],
    ['right', reading(0.2335), 'right · of 234 g · scale steady'],
    ['too much', reading(0.3, { steady: false }), '66 g too much · of 234 g · still moving'],
    ['too heavy', { steady: false, state: 'overload' }, 'Too much for the scale'],
    ['unplugged', { steady: false, state: 'unplugged' }, 'The scale is unplugged'],
  ])('%s', (_, shown, words) => {
    show(weigh ? <WeighView weigh={weigh} reading={shown} /> : <p />);
    expect(screen.getByText((text) => text.startsWith(words))).toBeInTheDocument();
  });

  it('warns when more water went in than it should ever take', () => {
    const held = weighing({ role: 'water', bitByBit: true, mostKg: 0.1, wentKg: 0.12 }).weigh;
    show(held ? <WeighView weigh={held} reading={undefined} /> : <p />);
    expect(screen.getByText(/more than it should ever take/)).toBeInTheDocument();
  });
});

describe('the main key', () => {
  it.each<[string, ReturnType<typeof weighing>, number | undefined, string, What]>([
    [
      'nothing weighed: as asked',
      weighing(),
      undefined,
      '4 000 g went in',
      { kind: 'weighed', line: 'b1/0/1', kg: 4, source: 'assumed', more: false },
    ],
    [
      'a reading is taken as it is',
      weighing(),
      3.9,
      'Take 3 900 g as it is',
      { kind: 'weighed', line: 'b1/0/1', kg: 3.9, source: 'scale', more: false },
    ],
    [
      'water by and by is closed when it flows',
      weighing({ role: 'water', bitByBit: true, wentKg: 0.04 }),
      undefined,
      'It flows with 40 g',
      { kind: 'weighed', line: 'b1/0/1', kg: 0, source: 'scale', more: false },
    ],
    [
      'a copy is full',
      filling('R6'),
      undefined,
      'R6 is full',
      { kind: 'filled', copy: 'R6', batch: 'b1', all: true },
    ],
    [
      'a copy that the next mix fills has its part',
      filling('R6', { fill: { copy: 'R6', kg: 1, kgByMix: {}, whole: false } }),
      undefined,
      'R6 has its part',
      { kind: 'filled', copy: 'R6', batch: 'b1', all: false },
    ],
    [
      'what is left and not weighed counts as by the sum',
      step('left', 'left', 'leftWeighed'),
      undefined,
      'Placed, go on',
      { kind: 'leftWeighed', kg: 3, source: 'assumed' },
    ],
  ])('%s', (_, at, kg, words, what) => {
    const go = onwards(benchAt([at]), at, kg);
    expect(go.words.replace(/\u2009/g, ' ')).toBe(words);
    expect(go.whats).toEqual([what]);
  });
});

describe('what a press says', () => {
  it('fills a part only where something is left', () => {
    const at = filling('R6');
    expect(emptied(at, benchAt([at]), true).map((w) => w.kind)).toEqual(['filled', 'emptied']);
    const dry = benchAt([at], { batches: [{ batch: 'b1', leftKg: 0, mixes: [] }] });
    expect(emptied(at, dry, true).map((w) => w.kind)).toEqual(['emptied']);
  });

  it('tips a part back, and keeps lost what the bowl gave less than its sum', () => {
    const facts = [
      { key: 'f1', what: { kind: 'filled', copy: 'R5', batch: 'b1', all: true } },
      { key: 'f2', what: { kind: 'filled', copy: 'R6', batch: 'b1', all: false } },
      { key: 'e1', what: { kind: 'emptied', batch: 'b1' } },
    ];
    const at = (lostKg: number): Bench => {
      const bench = benchAt([], {
        batches: [{ batch: 'b1', leftKg: 0, lostKg, mixes: [] }],
        copies: [
          { copy: 'R5', fill: 'full', kg: 2 },
          { copy: 'R6', fill: 'part', kg: 1 },
        ],
      });
      return { ...bench, session: { ...bench.session, facts } as unknown as Bench['session'] };
    };
    const back = [
      { kind: 'takenBack', fact: 'e1' },
      { kind: 'takenBack', fact: 'f2' },
    ];
    expect(tippedBack(at(1.2), ['R6'], 'b1')).toEqual([
      ...back,
      { kind: 'thrown', batch: 'b1', kg: 1.2, why: 'not accounted for' },
    ]);
    expect(tippedBack(at(0), ['R6'], 'b1')).toEqual(back);
  });

  it('finds a name that no batch has', () => {
    expect(nextBatch(benchAt([], { batches: [{ batch: 'b1' }, { batch: 'b3' }] }).state)).toBe(
      'b4',
    );
  });

  it('reads a shortage of its own batch only', () => {
    const { state } = benchAt([], { findings: [SHORT] });
    expect(shortage(state, 'b1')?.mixL).toBe(1.5);
    expect(shortage(state, 'b2')).toBeUndefined();
  });
});

describe('the words of a step', () => {
  it.each([
    [weighing(), 'Rapid-setting cement', 'one mix · 3 level scoops'],
    [weighing({ askedKg: 2 }), 'Rapid-setting cement', 'one mix · 1.5 level scoops'],
    [filling('R6'), 'Fill R6', 'deepest part first; half, knife, top up'],
    [step('finish', 'b1', 'tapped'), 'Tap', 'until the bubbles stop, and not once it stiffens'],
  ])('%#', (at, title, note) => {
    expect(said(benchAt([at]), at)).toEqual({ title, note });
  });
});

describe('a mishap of practice', () => {
  it('weighs too little of a powder, and leaves a copy half full', () => {
    const weigh = weighing();
    expect(mishapAt(benchAt([weigh]), weigh)?.whats[0]).toMatchObject({ kg: 3.2 });
    const fill = filling('R6');
    expect(mishapAt(benchAt([fill]), fill)?.whats.map((w) => w.kind)).toEqual([
      'filled',
      'emptied',
    ]);
    const check = step('check', 'moulds', 'checked');
    expect(mishapAt(benchAt([check]), check)).toBeUndefined();
  });
});
