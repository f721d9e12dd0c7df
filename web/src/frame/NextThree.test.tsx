import { screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { serve, show } from '../test-shop';
import { NextThree } from './NextThree';

const QUIET = 'Nothing is waiting for its time.';

describe('the next three clocks', () => {
  it('claim nothing until the shelf is known', () => {
    vi.stubGlobal('fetch', () => new Promise(() => undefined));
    show(<NextThree />);
    expect(screen.queryByText(QUIET)).toBeNull();
    expect(screen.queryByText(/°C/)).toBeNull();
    expect(screen.getByText('Temperatures')).toBeInTheDocument();
  });

  it('say that nothing waits where the shelf is empty, and how warm the room is', async () => {
    serve({
      'GET /api/shelf': { groups: [], shapes: [] },
      'GET /api/temperatures': [{ place: 'room', name: 'Room', celsius: 19.24, silent: true }],
    });
    show(<NextThree />);
    expect(await screen.findByText(QUIET)).toBeVisible();
    expect(await screen.findByText('Room 19.2 °C, usual')).toBeInTheDocument();
  });
});
