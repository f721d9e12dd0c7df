import { Box } from '@chakra-ui/react';
import { type ReactNode, Suspense, useEffect } from 'react';
import { onSignedOut } from '../api/signedOut';
import { later } from '../kit/later';
import { Loading } from '../kit/States';
import { useSession } from '../server/useSession';

const DoorPage = later(() => import('../shelf/DoorPage').then((m) => m.DoorPage));
const SignInPage = later(() => import('./SignInPage').then((m) => m.SignInPage));

/** Nothing of the shop is asked for before it is known who is here. */
export function Gate({ children }: { children: ReactNode }) {
  const { data, error, refetch } = useSession();
  useEffect(() => onSignedOut(() => void refetch()), [refetch]);
  if (!data) {
    // Without an answer the pages say themselves what is wrong, or show what the device keeps.
    return error ? children : <Coming />;
  }
  if (data.role === 'owner' || data.role === 'maker') {
    return children;
  }
  return (
    <Suspense fallback={<Coming />}>
      {data.role === 'door' ? (
        <DoorPage />
      ) : (
        <SignInPage key={`${data.device ?? ''}-${data.names.length}`} session={data} />
      )}
    </Suspense>
  );
}

function Coming() {
  return (
    <Box as="main">
      <Loading what="the workshop" />
    </Box>
  );
}
