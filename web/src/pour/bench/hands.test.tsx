import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { show } from '../../test-shop';
import { usePedal, useTakesItself, useVoice } from './hands';
import type { Reading } from './useScale';

function Voice({ on, words }: { on: boolean; words: string }) {
  useVoice(on, words);
  return null;
}

function Pedal({ next, back }: { next: () => void; back: () => void }) {
  usePedal(next, back);
  return <input aria-label="a field" />;
}

const WANTED = { key: 'b1/0/1', askedKg: 4, toleranceKg: 0.04 };

function Scale({ kg, steady, take }: { kg: number; steady: boolean; take: (kg: number) => void }) {
  const reading: Reading = { kg, steady, state: 'weighing' };
  useTakesItself(WANTED, reading, take);
  return null;
}

describe('the voice', () => {
  it('says what is next where it was asked to', () => {
    const said: string[] = [];
    vi.stubGlobal('SpeechSynthesisUtterance', function (this: { text: string }, text: string) {
      this.text = text;
    });
    vi.stubGlobal('speechSynthesis', {
      cancel: vi.fn(),
      speak: (u: { text: string }) => said.push(u.text),
    });
    show(<Voice on={false} words="Rapid-setting cement. 4 000 g" />);
    show(<Voice on words="Water. 750 g" />);
    expect(said).toEqual(['Water. 750 g']);
  });
});

describe('the pedal', () => {
  it('goes on with Space and takes back with Backspace, but not while one types', () => {
    const next = vi.fn();
    const back = vi.fn();
    show(<Pedal next={next} back={back} />);
    fireEvent.keyDown(document.body, { key: ' ' });
    fireEvent.keyDown(document.body, { key: 'Backspace' });
    fireEvent.keyDown(document.body, { key: ' ', repeat: true });
    expect([next.mock.calls.length, back.mock.calls.length]).toEqual([1, 1]);
    screen.getByLabelText('a field').focus();
    fireEvent.keyDown(screen.getByLabelText('a field'), { key: ' ' });
    expect(next).toHaveBeenCalledTimes(1);
  });
});

describe('a reading', () => {
  const shown = (at: number[], steady = true, kg = 4.01) => {
    const take = vi.fn();
    const clock = vi.spyOn(performance, 'now');
    const scale = (n: number) => <Scale kg={kg + n * 1e-6} steady={steady} take={take} />;
    clock.mockReturnValue(at[0] ?? 0);
    const { rerender, unmount } = render(scale(0));
    at.slice(1).forEach((ms, n) => {
      clock.mockReturnValue(ms);
      rerender(scale(n + 1));
    });
    unmount();
    clock.mockRestore();
    return take.mock.calls.length;
  };

  it('is taken by itself once it was steady and right for two seconds', () => {
    expect(shown([0, 1_900])).toBe(0);
    expect(shown([0, 1_000, 2_000])).toBe(1);
    expect(shown([0, 1_000, 2_000, 2_200])).toBe(1);
  });

  it('is not while it moves, or is off by more than the tolerance', () => {
    expect(shown([0, 2_500], false)).toBe(0);
    expect(shown([0, 2_500], true, 4.05)).toBe(0);
  });
});
