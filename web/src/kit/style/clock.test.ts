import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { aheadMs, nowMs, setByServer, until } from './clock';

const HERE = Date.UTC(2027, 2, 5, 8, 0);

beforeEach(() => vi.useFakeTimers({ now: HERE }));
afterEach(() => {
  setByServer(new Date().toISOString());
  vi.useRealTimers();
});

it('is as far ahead as the server last said, or behind', () => {
  setByServer('2027-03-05T14:00:00Z');
  expect(aheadMs()).toBe(6 * 3_600_000);
  vi.advanceTimersByTime(60_000);
  expect(nowMs()).toBe(Date.UTC(2027, 2, 5, 14, 1));
  setByServer('2027-03-05T07:59:00Z');
  expect(aheadMs()).toBe(-2 * 60_000);
});

it('asks until it is so', async () => {
  const answers = [false, false, true];
  const asked = vi.fn(async () => answers.shift() ?? false);
  const done = until(asked, { everyMs: 700, mostMs: 7_000 });
  await vi.runAllTimersAsync();
  expect(await done).toBe(true);
  expect(asked).toHaveBeenCalledTimes(3);
});

it('gives up where it never is', async () => {
  const asked = vi.fn(async () => false);
  const done = until(asked, { everyMs: 700, mostMs: 2_100 });
  await vi.runAllTimersAsync();
  expect(await done).toBe(false);
  expect(asked).toHaveBeenCalledTimes(3);
});
