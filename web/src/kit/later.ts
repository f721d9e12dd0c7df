import { type ComponentType, lazy } from 'react';
import { isOlder } from '../api/build';
import { Problem } from '../api/client';

/** A part by its script; where that is not there, why, in words. */
export async function fetched<P>(load: () => Promise<ComponentType<P>>): Promise<ComponentType<P>> {
  try {
    return await load();
  } catch {
    // A server that was upgraded has the scripts of its own pages only.
    throw new Problem(
      'page.unfetched',
      isOlder()
        ? 'Iron Shelf was upgraded since this page was opened; by trying again you get the new one.'
        : 'Iron Shelf was not reached, and this device does not keep this page. Is the network there?',
    );
  }
}

/** A part whose script is fetched when it is first shown; it stands within a Suspense. */
export function later<P extends object>(load: () => Promise<ComponentType<P>>) {
  return lazy(() => fetched(load).then((part) => ({ default: part })));
}
