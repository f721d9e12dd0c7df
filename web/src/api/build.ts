/** Whether the server belongs to a newer interface than this page is. */

const SCRIPT = /\/assets\/(index-[\w-]+\.js)/;

type Listener = () => void;

let newer = false;
const listeners = new Set<Listener>();

/** The build of this page: the name of its main script; none while it is being developed. */
export function ownBuild(): string | undefined {
  const scripts =
    typeof document === 'undefined' ? [] : [...document.querySelectorAll('script[src]')];
  return scripts.map((s) => SCRIPT.exec(s.getAttribute('src') ?? '')?.[1]).find(Boolean);
}

/** Notes which build an answer is of. */
export function noteBuild(answer: Response, own: string | undefined = ownBuild()): void {
  const theirs = answer.headers.get('Interface-Build');
  if (!newer && own !== undefined && theirs !== null && theirs !== own) {
    newer = true;
    listeners.forEach((tell) => tell());
  }
}

export function isOlder(): boolean {
  return newer;
}

export function onOlder(tell: Listener): () => void {
  listeners.add(tell);
  return () => listeners.delete(tell);
}
