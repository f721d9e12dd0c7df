import { ChakraProvider } from '@chakra-ui/react';
import { QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';
import { vi } from 'vitest';
import { queryClient } from './server/queries';
import { system } from './theme/theme';

/** Shows a part as the application would, at a path. */
export function show(element: ReactElement, path = '/') {
  const queries = queryClient({ queries: { retry: false } });
  return render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={queries}>
        <MemoryRouter initialEntries={[path]}>{element}</MemoryRouter>
      </QueryClientProvider>
    </ChakraProvider>,
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
