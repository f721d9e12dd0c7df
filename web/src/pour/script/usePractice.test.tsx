import { act, renderHook, waitFor } from '@testing-library/react';
import { QueryClientProvider } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { afterEach, expect, it, vi } from 'vitest';
import { queryClient } from '../../server/queries';
import { step } from '../bench/testPour';
import { factsOf } from './facts';
import { usePractice } from './usePractice';

const STEPS = [
  step('check', 'moulds', 'checked'),
  { ...step('check', 'release', 'checked'), status: 'later' as const },
  { ...step('wet', 'b1/0', 'wetted'), status: 'later' as const },
];

function Queries({ children }: { children: ReactNode }) {
  return (
    <QueryClientProvider client={queryClient({ queries: { retry: false } })}>
      {children}
    </QueryClientProvider>
  );
}

afterEach(() => vi.unstubAllGlobals());

it('goes on at once, though the server has not answered', async () => {
  vi.stubGlobal('fetch', (request: Request) =>
    request.url.endsWith('/preview')
      ? Promise.resolve(Response.json({ meant: {}, facts: [], state: { steps: STEPS } }))
      : new Promise(() => undefined),
  );
  const opening = {} as Parameters<typeof usePractice>[0];
  const { result } = renderHook(() => usePractice(opening), { wrapper: Queries });
  const now = () => result.current.session?.state.steps.find((s) => s.status === 'now');
  const check = () => {
    const about = now()?.about ?? '';
    act(() =>
      result.current.note(
        factsOf([{ kind: 'checked', check: about }], Date.UTC(2027, 2, 1, 9), {}),
      ),
    );
  };
  await waitFor(() => expect(now()?.about).toBe('moulds'));
  check();
  expect(now()?.about).toBe('release');
  check();
  expect(now()?.kind).toBe('wet');
  act(() => result.current.restart());
  expect(now()?.about).toBe('moulds');
});
