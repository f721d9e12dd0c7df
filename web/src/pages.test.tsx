import { cleanup, render, screen, waitFor } from '@testing-library/react';
import { createMemoryRouter, type RouteObject, RouterProvider } from 'react-router';
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { Broken } from './frame/Broken';
import { routes } from './routes';
import { Around } from './test-shop';

/** Every path of the shop, its places filled in. */
function paths(of: RouteObject[]): string[] {
  return of.flatMap((route) => [
    ...(route.path && route.path !== '*' ? [route.path] : []),
    ...paths(route.children ?? []),
  ]);
}

const PAGES = [...new Set(paths(routes))]
  .map((path) =>
    path
      .replace('/:step?', '')
      .replace(':date', '2027-03-01')
      .replace(/:[a-zA-Z]+/, '7'),
  )
  .sort();

const PATIENCE = { timeout: 30_000 };

/** The pages themselves: what stands round them asks for things of its own. */
function bare(of: RouteObject[]): RouteObject[] {
  return of.flatMap((route) =>
    route.path ? [{ ...route, children: undefined } as RouteObject] : bare(route.children ?? []),
  );
}

function open(path: string): void {
  const router = createMemoryRouter([{ errorElement: <Broken />, children: bare(routes) }], {
    initialEntries: [path],
  });
  render(
    <Around>
      <RouterProvider router={router} />
    </Around>,
  );
}

const problem = (status: number, detail: string) =>
  new Response(JSON.stringify({ code: 'test', detail, status }), {
    status,
    headers: { 'Content-Type': 'application/problem+json' },
  });

/** No page shows what only a programmer understands. */
function saysNothingStrange(): void {
  const text = document.body.textContent;
  expect(text).not.toMatch(/undefined|NaN|\[object|TypeError|Cannot read/);
}

// Each page's script once, so that no test waits for it.
beforeAll(async () => {
  for (const route of bare(routes)) {
    await (route.lazy as (() => Promise<unknown>) | undefined)?.();
  }
}, 180_000);

describe.each(PAGES)('%s', { timeout: 120_000 }, (path) => {
  beforeEach(() => vi.spyOn(console, 'error').mockImplementation(() => undefined));
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
    vi.restoreAllMocks();
  });

  it('stands while the server takes its time', async () => {
    vi.stubGlobal('fetch', () => new Promise(() => undefined));
    open(path);
    await waitFor(() => expect(document.body.textContent).not.toBe(''), PATIENCE);
    expect(screen.queryByText(/Try again/)).toBeNull();
    saysNothingStrange();
  });

  it('says why, and no more, where the server refuses', async () => {
    vi.stubGlobal('fetch', async () => problem(500, 'The books are being counted.'));
    open(path);
    await waitFor(() => expect(document.body.textContent).not.toBe(''), PATIENCE);
    await waitFor(() => expect(screen.queryByText(/^Loading/)).toBeNull(), PATIENCE);
    saysNothingStrange();
  });

  it('is not broken by what is gone', async () => {
    vi.stubGlobal('fetch', async () => problem(404, 'There is no such thing any more.'));
    open(path);
    await waitFor(() => expect(document.body.textContent).not.toBe(''), PATIENCE);
    await waitFor(() => expect(screen.queryByText(/^Loading/)).toBeNull(), PATIENCE);
    saysNothingStrange();
  });
});
