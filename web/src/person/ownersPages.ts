import { matchPath } from 'react-router';

/** Pages of which every act is the owner's; the server refuses it to others in any case. */
const OWNERS = [
  '/set-up/*',
  '/backups',
  '/people',
  '/orders/new',
  '/orders/table',
  '/orders/:id/change',
  '/plan/what-if',
  '/results',
  '/products/new/*',
  '/products/:id/change',
  '/products/:id/route',
  '/moulds/new',
  '/moulds/tables',
  '/moulds/:id/change',
  '/moulds/:id/lettering',
  '/recipes/new',
  '/recipes/:id/change',
  '/stock/new',
  '/stock/take',
  '/workshop',
];

export function isOwners(path: string): boolean {
  return OWNERS.some((pattern) => matchPath(pattern, path) !== null);
}
