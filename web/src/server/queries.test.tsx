import { QueryClientProvider, useMutation, useQuery } from '@tanstack/react-query';
import { act, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keyOf } from './keys';
import { queryClient } from './queries';
import { useChanges } from './useChanges';

class Line {
  static last: Line | undefined;
  onmessage?: (event: { data: string }) => void;
  onopen?: () => void;
  closed = false;
  constructor(readonly url: string) {
    Line.last = this;
  }
  close() {
    this.closed = true;
  }
}

let reads: Record<string, number>;

function Answer({
  name,
  fixed = false,
}: {
  name: 'orders' | 'backups' | 'sphere';
  fixed?: boolean;
}) {
  useQuery({
    queryKey: keyOf(name),
    queryFn: () => (reads[name] = (reads[name] ?? 0) + 1),
    meta: { fixed },
  });
  return null;
}

function Keys({ asksOnly }: { asksOnly: boolean }) {
  const send = useMutation({ mutationFn: async () => 'sent', meta: { asksOnly } });
  return (
    <>
      <button onClick={() => send.mutate()}>press</button>
      {send.isSuccess && <p>done</p>}
    </>
  );
}

function Screen() {
  useChanges((pour) => pour === 8);
  return null;
}

function shown(children: React.ReactNode) {
  const queries = queryClient({ queries: { retry: false } });
  render(<QueryClientProvider client={queries}>{children}</QueryClientProvider>);
  return queries;
}

describe('how what was read grows old', () => {
  beforeEach(() => {
    reads = {};
    vi.stubGlobal('EventSource', Line);
  });
  afterEach(() => vi.unstubAllGlobals());

  it('reads anew what is seen before an act is done', async () => {
    shown(
      <>
        <Answer name="orders" />
        <Answer name="sphere" />
        <Keys asksOnly={false} />
      </>,
    );
    await waitFor(() => expect(reads['orders']).toBe(1));
    act(() => screen.getByText('press').click());
    await screen.findByText('done');
    expect(reads).toEqual({ orders: 2, sphere: 1 });
  });

  it('reads nothing anew for a question, nor what somebody works from', async () => {
    shown(
      <>
        <Answer name="orders" />
        <Keys asksOnly />
      </>,
    );
    await waitFor(() => expect(reads['orders']).toBe(1));
    act(() => screen.getByText('press').click());
    await screen.findByText('done');
    expect(reads['orders']).toBe(1);
  });

  it('leaves what somebody works from as it is', async () => {
    shown(
      <>
        <Answer name="orders" fixed />
        <Keys asksOnly={false} />
        <Screen />
      </>,
    );
    await waitFor(() => expect(reads['orders']).toBe(1));
    act(() => screen.getByText('press').click());
    await screen.findByText('done');
    act(() => Line.last?.onmessage?.({ data: '{"words":["order"],"pours":[]}' }));
    expect(reads['orders']).toBe(1);
  });

  it('follows what others change, and only that', async () => {
    shown(
      <>
        <Answer name="orders" />
        <Answer name="backups" />
        <Screen />
      </>,
    );
    await waitFor(() => expect(reads).toEqual({ orders: 1, backups: 1 }));
    expect(Line.last?.url).toBe('/api/changes');
    act(() => Line.last?.onmessage?.({ data: '{"words":["order"],"pours":[]}' }));
    await waitFor(() => expect(reads).toEqual({ orders: 2, backups: 1 }));
  });

  it('leaves a pour whose facts are on their way from here to their answer', async () => {
    const queries = shown(<Screen />);
    const asked = vi.spyOn(queries, 'invalidateQueries');
    act(() => Line.last?.onmessage?.({ data: '{"words":[],"pours":[7,8]}' }));
    const keys = asked.mock.calls.map(([filter]) => filter?.queryKey).filter(Boolean);
    expect(keys).toEqual([keyOf('pour-session', 7)]);
  });

  it('reads all anew once the line is back', async () => {
    shown(
      <>
        <Answer name="backups" />
        <Screen />
      </>,
    );
    await waitFor(() => expect(reads['backups']).toBe(1));
    act(() => Line.last?.onopen?.());
    expect(reads['backups']).toBe(1);
    act(() => Line.last?.onopen?.());
    await waitFor(() => expect(reads['backups']).toBe(2));
  });
});
