import { act } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { serve, show } from '../test-shop';
import { SECOND_MS, useNow } from './useWorkshop';

/** Half a minute past a whole one. */
const HALF_PAST = Date.parse('2026-03-02T08:00:30Z');

afterEach(() => vi.useRealTimers());

describe("the shop's time on a page", () => {
  it('is drawn anew by the minute, and by the second where seconds are counted', async () => {
    vi.useFakeTimers({ now: HALF_PAST });
    serve({ 'GET /api/workshop': { now: new Date(HALF_PAST).toISOString() } });
    const minutes: string[] = [];
    const seconds: string[] = [];
    function Clocks() {
      minutes.push(new Date(useNow()).toISOString());
      return <Seconds />;
    }
    function Seconds() {
      seconds.push(new Date(useNow(SECOND_MS)).toISOString());
      return null;
    }
    show(<Clocks />);
    await act(() => vi.advanceTimersByTimeAsync(2_500));
    minutes.length = 0;
    seconds.length = 0;

    await act(() => vi.advanceTimersByTimeAsync(27_000));
    expect(minutes).toEqual([]);
    expect(seconds).toHaveLength(27);

    await act(() => vi.advanceTimersByTimeAsync(1_000));
    expect(minutes).toEqual(['2026-03-02T08:01:00.000Z']);
    expect(seconds.at(-1)).toBe('2026-03-02T08:01:00.000Z');
  });
});
