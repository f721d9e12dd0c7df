import createClient from 'openapi-fetch';
import { noteBuild } from './build';
import { noteSignedOut } from './signedOut';
import { withToken } from './token';
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

/** No answer came: an act may have been done all the same. */
export class Unanswered extends Problem {}

export const client = createClient<paths>({
  fetch: (request) => {
    withToken(request.headers);
    return answered(globalThis.fetch(request), request.method, request.headers);
  },
});

async function answered(
  answer: Promise<Response>,
  method: string,
  headers: Headers,
): Promise<Response> {
  try {
    const come = await answer;
    noteBuild(come);
    noteSignedOut(come);
    return come;
  } catch {
    throw new Unanswered('network', unanswered(method, headers));
  }
}

/** What is known of a request that nobody answered, and what can be done. */
function unanswered(method: string, headers: Headers): string {
  const silent = 'The workshop’s computer cannot be reached.';
  if (method === 'GET') {
    return `${silent} Try again in a moment.`;
  }
  return headers.has('Idempotency-Key') || headers.has('If-Match')
    ? `${silent} It may have been done or not: press again, it is done once.`
    : `${silent} It may have been done or not: look before you press again.`;
}

interface Answer<T> {
  data?: T;
  error?: unknown;
}

/** The data of an answer, or a Problem. */
export async function dataOf<T>(answer: Promise<Answer<T>>): Promise<T> {
  const settled = await answer;
  if (settled.data !== undefined) {
    return settled.data;
  }
  throw problemOf(settled.error);
}

/** That it was done, where the answer has nothing in it; or a Problem. */
export async function done(answer: Promise<{ error?: unknown }>): Promise<void> {
  const { error } = await answer;
  if (error) {
    throw problemOf(error);
  }
}

function problemOf(error: unknown): Problem {
  const problem = error as { code?: string; detail?: string; errors?: Finding[] } | undefined;
  return new Problem(
    problem?.code ?? 'unknown',
    problem?.detail ?? 'Something went wrong. Try again.',
    problem?.errors ?? [],
  );
}

/** Sends a file as it is, and gives the answer's data or a Problem. */
export function sendFile<T>(path: string, file: Blob): Promise<T> {
  const headers = new Headers({ 'Content-Type': 'application/octet-stream' });
  withToken(headers);
  const sent = answered(
    globalThis.fetch(path, { method: 'POST', body: file, headers }),
    'POST',
    headers,
  ).then(async (response) => {
    const body: unknown = await response.json().catch(() => ({}));
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
