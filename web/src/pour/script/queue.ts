import { nowMs } from '../../kit/style/clock';
import { client, type Schemas } from '../../api/client';
import type { Fact, Session } from './facts';

/** What one press noted and the workshop's computer has not taken yet. */
export interface Waiting {
  pour: number;
  facts: Fact[];
  /** Why it was not taken; a person decides what becomes of it. */
  refused?: string;
}

interface Queue {
  waiting: Waiting[];
  /** Since when the workshop's computer is not reached; undefined while it is. */
  goneSince?: number;
}

const KEPT = 'ironshelf-facts';
const AGAIN_MS = 3_000;

let queue: Queue = { waiting: read() };
let sending = false;
let taken: (session: Session) => void = () => undefined;
const listeners = new Set<() => void>();

function read(): Waiting[] {
  try {
    return JSON.parse(globalThis.localStorage?.getItem(KEPT) ?? '[]') as Waiting[];
  } catch {
    return [];
  }
}

function set(next: Queue): void {
  queue = next;
  globalThis.localStorage?.setItem(KEPT, JSON.stringify(next.waiting));
  listeners.forEach((l) => l());
}

export function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function queued(): Queue {
  return queue;
}

/** Whether facts of a pour are on their way from this device. */
export function isSending(pour: number): boolean {
  return queue.waiting.some((w) => w.pour === pour);
}

/** Who is told where a pour stands once its facts were taken. */
export function onTaken(listener: (session: Session) => void): void {
  taken = listener;
}

/** Keeps facts on this device until they are taken, and sends them. */
export function note(pour: number, facts: Fact[]): void {
  set({ ...queue, waiting: [...queue.waiting, { pour, facts }] });
  void send();
}

/** Forgets what one press noted, which nobody else has seen. */
export function forget(press: Waiting): void {
  set({ ...queue, waiting: queue.waiting.filter((w) => w !== press) });
}

/** Tries again what was refused. */
export function again(press: Waiting): void {
  const { pour, facts } = press;
  set({ ...queue, waiting: queue.waiting.map((w) => (w === press ? { pour, facts } : w)) });
  void send();
}

/** Sends what waits in order, each press whole; what is not reached is tried again. */
export async function send(): Promise<void> {
  if (sending) {
    return;
  }
  sending = true;
  try {
    for (;;) {
      const next = queue.waiting.find((w) => w.refused === undefined);
      if (!next) {
        return;
      }
      const answer = await post(next);
      if (answer === 'gone') {
        set({ ...queue, goneSince: queue.goneSince ?? nowMs() });
        setTimeout(() => void send(), AGAIN_MS);
        return;
      }
      const rest = queue.waiting.filter((w) => w !== next);
      if ('refused' in answer) {
        set({ waiting: queue.waiting.map((w) => (w === next ? { ...w, ...answer } : w)) });
      } else {
        // First where it stands, then that nothing waits: the step never flickers back.
        taken(answer.session);
        set({ waiting: rest });
      }
    }
  } finally {
    sending = false;
  }
}

async function post(press: Waiting): Promise<'gone' | { refused: string } | { session: Session }> {
  try {
    const { data, error, response } = await client.POST('/api/pours/{id}/facts', {
      params: { path: { id: press.pour } },
      body: { facts: press.facts },
    });
    if (data) {
      return { session: data };
    }
    if (response.status >= 500) {
      return 'gone';
    }
    return { refused: said(error as { detail?: string; errors?: Schemas['FindingView'][] }) };
  } catch {
    return 'gone';
  }
}

function said({ detail, errors }: { detail?: string; errors?: Schemas['FindingView'][] }): string {
  return errors && errors.length > 0
    ? errors.map((e) => e.message).join(' ')
    : (detail ?? 'It was not taken, and no reason was given.');
}

globalThis.addEventListener?.('online', () => void send());
