import type { ReactNode } from 'react';
import { useOwns } from '../server/useSession';

/** What the server would refuse to all but owners is not offered to others. */
export function ForOwners({ children }: { children: ReactNode }) {
  return useOwns() ? children : null;
}
