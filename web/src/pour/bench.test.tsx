import { ChakraProvider } from '@chakra-ui/react';
import { fireEvent, render, screen } from '@testing-library/react';
import type { ComponentProps } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { system } from '../theme/theme';
import { BenchHead } from './BenchHead';
import { BenchKeys } from './BenchKeys';
import { Cooling } from './Cooling';
import type { Step } from './steps';
import { TapView } from './TapView';
import type { Sheet } from './usePour';
import type { Reading } from './useScale';
import { scaleKg, WeighView } from './WeighView';

type Weigh = Extract<Step, { kind: 'weigh' }>;
const step: Weigh = {
  kind: 'weigh',
  key: '0-2',
  title: 'Iron oxide black',
  note: '',
  layer: 0,
  materialId: 2,
  askedKg: 0.234,
  toleranceKg: 0.002,
  share: 0.3,
  water: false,
  portions: false,
};
const reading = (kg: number, part: Partial<Reading> = {}): Reading => ({
  kg,
  steady: true,
  state: 'weighing',
  ...part,
});

function show(element: React.ReactElement) {
  return render(<ChakraProvider value={system}>{element}</ChakraProvider>);
}

describe('the reading', () => {
  it('counts only when something stands on a scale that works', () => {
    expect(scaleKg(undefined)).toBeUndefined();
    expect(scaleKg(reading(0.001))).toBeUndefined();
    expect(scaleKg(reading(0.187))).toBe(0.187);
    expect(scaleKg({ steady: false, state: 'overload' })).toBeUndefined();
  });

  it.each<[string, Reading | undefined, string]>([
    ['nothing on it', undefined, 'weigh to 234 g, within 2 g'],
    ['on the way', reading(0.187), '47 g to go · of 234 g · scale steady'],
    ['right', reading(0.2335), 'right · of 234 g · scale steady'],
    ['too much', reading(0.3, { steady: false }), '66 g too much · of 234 g · still moving'],
    ['too heavy', { steady: false, state: 'overload' }, 'Too much for the scale'],
    ['unplugged', { steady: false, state: 'unplugged' }, 'The scale is unplugged'],
  ])('%s', (_, shown, words) => {
    show(<WeighView step={step} reading={shown} addedKg={0} />);
    expect(screen.getByText((text) => text.startsWith(words))).toBeInTheDocument();
  });

  it('warns when more water went in than it should ever take', () => {
    const held = { ...step, portions: true, mostKg: 0.1 };
    show(<WeighView step={held} reading={undefined} addedKg={0.12} />);
    expect(screen.getByText(/more than it should ever take/)).toBeInTheDocument();
  });
});

describe('the keys', () => {
  const keys = (part: Partial<ComponentProps<typeof BenchKeys>>) => {
    const acts = {
      onLeave: vi.fn(),
      onUndo: vi.fn(),
      onType: vi.fn(),
      onTakeTyped: vi.fn(),
      onNext: vi.fn(),
      onAdd: vi.fn(),
      onBook: vi.fn(),
    };
    show(
      <BenchKeys
        step={step}
        reading={undefined}
        addedKg={0}
        typed={undefined}
        demo={false}
        busy={false}
        short={false}
        canUndo
        {...acts}
        {...part}
      />,
    );
    return acts;
  };
  const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

  it('takes what was asked where there is no scale', () => {
    const acts = keys({});
    press('234\u2009g went in');
    expect(acts.onNext).toHaveBeenCalledWith(0.234, true);
    expect(screen.queryByText(/Demo/)).toBeNull();
  });

  it('takes what the scale shows, as it is', () => {
    const acts = keys({ reading: reading(0.187), demo: true });
    press('Take 187\u2009g as it is');
    expect(acts.onNext).toHaveBeenCalledWith(0.187, false);
    expect(screen.getByText('Tare')).toBeInTheDocument();
    expect(screen.getByText('Demo: pour it on the scale')).toBeInTheDocument();
  });

  it('adds water little by little and stops when it flows', () => {
    const held = { ...step, portions: true };
    const acts = keys({ step: held, reading: reading(0.03), addedKg: 0.05 });
    press('Add 30\u2009g');
    expect(acts.onAdd).toHaveBeenCalledWith(0.03);
    press('It flows with 50\u2009g');
    expect(acts.onNext).toHaveBeenCalledWith(0.05, false);
  });

  it.each<[Step, string]>([
    [{ kind: 'check', key: 'a', title: '', note: '', lines: [] }, 'Done, go on'],
    [{ kind: 'wet', key: 'a', title: '', note: '' }, 'Wet now'],
    [
      { kind: 'fill', key: 'a', title: '', note: '', copy: 'R5', fill: 0, layers: [] },
      'R5 is full',
    ],
    [{ kind: 'tap', key: 'a', title: '', note: '', placement: 'poured' }, 'Tapped'],
    [{ kind: 'tap', key: 'a', title: '', note: '', placement: 'pressed' }, 'Rammed'],
    [{ kind: 'left', key: 'a', title: '', note: '' }, 'Placed, go on'],
  ])('%# goes on', (at, name) => {
    const acts = keys({ step: at });
    press(name);
    expect(acts.onNext).toHaveBeenCalledOnce();
  });

  it('books at the end, and says so when the stock is short', () => {
    const done: Step = { kind: 'done', key: 'done', title: '', note: '' };
    const acts = keys({ step: done, short: true });
    press('Poured anyway');
    expect(acts.onBook).toHaveBeenCalledOnce();
  });
});

describe('clocks at the bench', () => {
  const sheet = {
    fills: [
      {
        product: { name: 'Ripple bowl' },
        copies: [{ copy: { code: 'R1' } }, { copy: { code: 'R2' } }],
      },
    ],
    layers: [{ colourway: { name: 'Slate' } }],
    batches: [{}],
    waterC: 12,
    workingMin: 14,
    cooling: undefined,
  } as unknown as Sheet;
  const NOW = 1_000_000_000;
  const MIN = 60_000;

  it.each([
    [undefined, 'clock starts when wet'],
    [NOW - 4 * MIN, '10:00 left to work'],
    [NOW - 13.5 * MIN, '0:30 left to work'],
    [NOW - 20 * MIN, 'it stiffens: no more water, no more tapping'],
  ])('wetted at %s', (wettedAt, words) => {
    show(<BenchHead sheet={sheet} wettedAt={wettedAt} now={NOW} />);
    expect(screen.getByRole('timer')).toHaveTextContent(words);
  });

  it('says when to stop tapping', () => {
    show(<TapView now={NOW} stopAt={NOW - MIN} />);
    expect(screen.getByText(/Stop: it stiffens/)).toBeInTheDocument();
  });

  it.each([
    [undefined, 'Water at 12\u2009°C buys 14 minutes.'],
    [{ waterC: 7.4, iceKg: 0, reached: true }, 'Water at 7\u2009°C or colder does it.'],
    [
      { waterC: 1, iceKg: 0.3, reached: true },
      'Take 300\u2009g of the water as ice, the rest at 1\u2009°C.',
    ],
    [{ waterC: 1, iceKg: 2, reached: false }, /Not even all the water as ice/],
  ])('cooling %#', (cooling, words) => {
    show(
      <Cooling
        sheet={{ ...sheet, cooling } as unknown as Sheet}
        minutes=""
        onMinutes={() => undefined}
      />,
    );
    expect(screen.getByRole('status')).toHaveTextContent(
      typeof words === 'string' ? words.replace(/\u2009/g, ' ') : words,
    );
  });
});
