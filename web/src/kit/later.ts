import { type ComponentType, lazy } from 'react';

/** A part whose script is fetched when it is first shown; it stands within a Suspense. */
export function later<P extends object>(load: () => Promise<ComponentType<P>>) {
  return lazy(() => load().then((part) => ({ default: part })));
}
