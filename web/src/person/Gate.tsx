import { Box } from '@chakra-ui/react';
import { type ReactNode, useEffect } from 'react';
import { onSignedOut } from '../api/signedOut';
import { Loading } from '../kit/States';
import { DoorPage } from '../shelf/DoorPage';
import { SignInPage } from './SignInPage';
import { useSession } from './useSession';

/** Nothing of the shop is asked for before it is known who is here. */
export function Gate({ children }: { children: ReactNode }) {
  const { data, error, refetch } = useSession();
  useEffect(() => onSignedOut(() => void refetch()), [refetch]);
  if (!data) {
    // Without an answer the pages say themselves what is wrong, or show what the device keeps.
    return error ? (
      children
    ) : (
      <Box as="main">
        <Loading what="the workshop" />
      </Box>
    );
  }
  if (data.role === undefined) {
    return <SignInPage key={`${data.device ?? ''}-${data.names.length}`} session={data} />;
  }
  return data.role === 'door' ? <DoorPage /> : children;
}
