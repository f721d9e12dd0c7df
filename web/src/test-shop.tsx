import { ChakraProvider } from '@chakra-ui/react';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import { type ReactElement, type ReactNode, useState } from 'react';
import { MemoryRouter } from 'react-router';
import { vi } from 'vitest';
import { queryClient } from './server/queries';
import { system } from './theme/theme';

/** How a part looks is tried in a browser: a style that is applied here is worked out for each word. */
const UNSEEN = createCache({ key: 'unseen', container: document.createElement('div') });

/** What stands round every part of the application, but how it looks. */
export function Around({ children }: { children: ReactNode }) {
  const [queries] = useState(() => queryClient({ queries: { retry: false } }));
  return (
    <CacheProvider value={UNSEEN}>
      <ChakraProvider value={system}>
        <QueryClientProvider client={queries}>{children}</QueryClientProvider>
      </ChakraProvider>
    </CacheProvider>
  );
}

/** Shows a part as the application would, at a path. */
export function show(element: ReactElement, path = '/') {
  return render(
    <Around>
      <MemoryRouter initialEntries={[path]}>{element}</MemoryRouter>
    </Around>,
  );
}

/** What was asked of the server. */
export interface Asked {
  what: string;
  /** What stood behind the question mark, if anything did. */
  query?: URLSearchParams;
  body: unknown;
}

/** An answer that is not a success. */
export class Refusal {
  constructor(
    readonly status: number,
    readonly body: unknown,
  ) {}
}

/**
 * A server that knows these answers, by method and path ("GET /api/orders"); what it was asked is
 * in the list that comes back.
 */
export function serve(answers: Record<string, unknown>): Asked[] {
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', async (input: RequestInfo, init?: RequestInit) => {
    const request = new Request(input, init);
    const url = new URL(request.url);
    const what = `${request.method} ${url.pathname}`;
    const text = await request.text();
    const isJson = request.headers.get('Content-Type') === 'application/json';
    asked.push({
      what,
      ...(url.search && { query: url.searchParams }),
      body: isJson && text ? (JSON.parse(text) as unknown) : text,
    });
    const answer = what in answers ? answers[what] : new Refusal(404, { code: 'unknown' });
    const [body, status] = answer instanceof Refusal ? [answer.body, answer.status] : [answer, 200];
    return new Response(JSON.stringify(body), {
      status,
      headers: { 'Content-Type': 'application/json' },
    });
  });
  return asked;
}
