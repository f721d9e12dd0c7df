import type { Session } from './facts';

/** Open pours as the server last said, kept on the device for a reload without network. */

const name = (id: number) => `ironshelf-pour-${id}`;

export function keep(session: Session): void {
  if (session.state.status === 'open' && session.closedAt === undefined) {
    localStorage.setItem(name(session.id), JSON.stringify(session));
  } else {
    localStorage.removeItem(name(session.id));
  }
}

export function keptPour(id: number): Session | undefined {
  const text = localStorage.getItem(name(id));
  return text === null ? undefined : (JSON.parse(text) as Session);
}
