import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { factsOf } from './facts';

type Queue = typeof import('./queue');

const kept = new Map<string, string>();
let queue: Queue;
let answers: (() => Promise<Response>)[];
let sent: string[][];

const json = (status: number, body: unknown) => () =>
  Promise.resolve(
    new Response(JSON.stringify(body), {
      status,
      headers: { 'Content-Type': 'application/json' },
    }),
  );
const gone = () => Promise.reject(new TypeError('Failed to fetch'));
const press = (check: string) => factsOf([{ kind: 'checked', check }], 0, {});

async function load(): Promise<Queue> {
  vi.resetModules();
  return import('./queue');
}

beforeEach(async () => {
  kept.clear();
  answers = [];
  sent = [];
  vi.useFakeTimers();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
  });
  vi.stubGlobal('location', { href: 'http://shop.example/', origin: 'http://shop.example' });
  vi.stubGlobal('fetch', async (request: Request) => {
    const body = JSON.parse(await request.text()) as { facts: { what: { check: string } }[] };
    sent.push(body.facts.map((f) => f.what.check));
    return (answers.shift() ?? gone)();
  });
  vi.stubGlobal(
    'Request',
    class extends Request {
      constructor(input: RequestInfo | URL, init?: RequestInit) {
        super(new URL(String(input), 'http://shop.example'), init);
      }
    },
  );
  queue = await load();
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

test('what is not taken is kept, and sent again in order once the network is back', async () => {
  answers = [gone, json(200, { id: 4 }), json(200, { id: 4 })];
  queue.note(4, press('moulds'));
  queue.note(4, press('protection'));
  await vi.waitFor(() => expect(queue.queued().goneSince).toBeDefined());
  expect(JSON.parse(kept.get('ironshelf-facts') ?? '')).toHaveLength(2);

  const taken: number[] = [];
  queue.onTaken((session) => taken.push(session.id));
  await vi.advanceTimersByTimeAsync(3_100);
  await vi.waitFor(() => expect(queue.queued().waiting).toEqual([]));
  expect(sent).toEqual([['moulds'], ['moulds'], ['protection']]);
  expect(taken).toEqual([4, 4]);
  expect(queue.queued().goneSince).toBeUndefined();
});

test('a reload loses nothing', async () => {
  queue.note(4, press('moulds'));
  await vi.waitFor(() => expect(queue.queued().goneSince).toBeDefined());
  const anew = await load();
  expect(anew.queued().waiting).toHaveLength(1);
});

test('what is refused is shown with its reason and holds nothing else up', async () => {
  answers = [json(400, { errors: [{ message: 'R1 is full already.' }] }), json(200, { id: 4 })];
  queue.note(4, press('moulds'));
  queue.note(4, press('protection'));
  await vi.waitFor(() => expect(queue.queued().waiting).toHaveLength(1));
  const [refused] = queue.queued().waiting;
  expect(refused?.refused).toBe('R1 is full already.');

  // A person decides: it did not happen.
  if (refused) {
    queue.forget(refused);
  }
  expect(queue.queued().waiting).toEqual([]);
});

test('a server that stumbles is waited for, not taken for a refusal', async () => {
  answers = [json(503, {}), json(200, { id: 4 })];
  queue.note(4, press('moulds'));
  await vi.waitFor(() => expect(queue.queued().goneSince).toBeDefined());
  await vi.advanceTimersByTimeAsync(3_100);
  await vi.waitFor(() => expect(queue.queued().waiting).toEqual([]));
});
