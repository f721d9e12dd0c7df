/** Tells whoever listens that the server no longer knows who asks. */

type Listener = () => void;

const listeners = new Set<Listener>();

/** Notes whether an answer says that nobody is signed in. */
export function noteSignedOut(answer: Response): void {
  if (answer.status === 401) {
    listeners.forEach((tell) => tell());
  }
}

export function onSignedOut(tell: Listener): () => void {
  listeners.add(tell);
  return () => listeners.delete(tell);
}
