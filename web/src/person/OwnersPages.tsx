import { Box } from '@chakra-ui/react';
import { Outlet, useLocation } from 'react-router';
import { Link, MayGo } from '../kit/Link';
import { Empty } from '../kit/States';
import { isOwners } from './ownersPages';
import { useOwns } from '../server/useSession';

const all = () => true;
const notOwners = (path: string) => !isOwners(path);

/** Leaves out, for all but owners, what leads to pages on which nothing would be taken of them. */
export function OwnersPages() {
  const owns = useOwns();
  const { pathname } = useLocation();
  return (
    <MayGo value={owns ? all : notOwners}>
      {owns || !isOwners(pathname) ? (
        <Outlet />
      ) : (
        <Box as="main" px={{ base: 4, md: 9 }}>
          <Empty whole title="This page is for the shop’s owner">
            An owner who signs in on this device can open it.{' '}
            <Link className="plain-link" to="/">
              To the shelf
            </Link>
          </Empty>
        </Box>
      )}
    </MayGo>
  );
}
