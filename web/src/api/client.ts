import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type Finding = Schemas['FindingView'];

/** What the server says when it cannot do what was asked (RFC 9457), or that it was not reached. */
export class Problem extends Error {
  constructor(
    readonly code: string,
    message: string,
    readonly errors: Finding[] = [],
  ) {
    super(message);
  }
}

export const client = createClient<paths>({ fetch: (request) => globalThis.fetch(request) });

interface Answer<T> {
  data?: T;
  error?: unknown;
}

/** The data of an answer, or a Problem. */
export async function dataOf<T>(answer: Promise<Answer<T>>): Promise<T> {
  let settled: Answer<T>;
  try {
    settled = await answer;
  } catch {
    throw new Problem(
      'network',
      'The workshop’s computer cannot be reached. Nothing was sent; try again in a moment.',
    );
  }
  if (settled.data !== undefined) {
    return settled.data;
  }
  const problem = settled.error as { code?: string; detail?: string; errors?: Finding[] };
  throw new Problem(
    problem?.code ?? 'unknown',
    problem?.detail ?? 'Something went wrong. Try again.',
    problem?.errors ?? [],
  );
}

/** Sends a file as it is, and gives the answer's data or a Problem. */
export function sendFile<T>(path: string, file: Blob): Promise<T> {
  const sent = globalThis
    .fetch(path, {
      method: 'POST',
      body: file,
      headers: { 'Content-Type': 'application/octet-stream' },
    })
    .then(async (response) => {
      const body: unknown = await response.json();
      return response.ok ? { data: body as T } : { error: body };
    });
  return dataOf(sent);
}

export function messageOf(error: unknown): string {
  return error instanceof Problem && error.errors.length > 0
    ? error.errors.map((e) => e.message).join(' ')
    : error instanceof Error
      ? error.message
      : String(error);
}
