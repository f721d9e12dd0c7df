import { act, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { serve, show } from '../test-shop';
import type { Group } from '../server/useShelf';
import { GroupDialog } from './GroupDialog';

const NOW = Date.parse('2027-03-01T09:00:10Z');

const GROUP = {
  key: 'a',
  board: 'drying',
  productId: 4,
  product: 'Ripple bowl',
  colourway: 'Chalk',
  mouldId: 3,
  pieces: 1,
  pieceIds: [21],
  stepNo: 4,
  round: 2,
  times: 2,
  step: 'brush',
  kind: { todo: 'brush', done: 'brushed', effects: [] },
  gateAt: '2027-03-01T09:00:14Z',
  casts: [],
  parts: [],
  warnings: [],
} as unknown as Group;

afterEach(() => vi.useRealTimers());

it('asks why before its time, and from that second on no more', async () => {
  vi.useFakeTimers({ now: NOW });
  serve({ 'GET /api/workshop': { now: new Date(NOW).toISOString() } });
  show(<GroupDialog group={GROUP} onClose={vi.fn()} />);
  await act(() => vi.advanceTimersByTimeAsync(2_000));
  const done = screen.getByRole('button', { name: /^Done: brush/ });
  expect(screen.getByLabelText(/Why now\?$/)).toBeVisible();
  expect(done).toBeDisabled();
  await act(() => vi.advanceTimersByTimeAsync(3_000));
  expect(screen.queryByLabelText(/Why now\?$/)).toBeNull();
  expect(done).toBeEnabled();
});
