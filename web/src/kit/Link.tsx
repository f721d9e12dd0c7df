import { createContext, useContext } from 'react';
import { createPath, Link as RouterLink, type LinkProps, type To } from 'react-router';

/** Whether whoever is here may go to a page of the shop; all may where nobody says otherwise. */
export const MayGo = createContext<(path: string) => boolean>(() => true);

function useMayGo(to: To): boolean {
  const mayGo = useContext(MayGo);
  return mayGo((typeof to === 'string' ? to : createPath(to)).replace(/[?#].*$/, ''));
}

/** A link to a page of the shop; not there for those to whom that page would not open. */
export function Link(props: LinkProps) {
  return useMayGo(props.to) ? <RouterLink {...props} /> : null;
}
