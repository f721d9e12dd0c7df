import { Box } from '@chakra-ui/react';
import { useRouteError } from 'react-router';
import { Failed } from '../kit/States';

/** A page that could not be drawn: what happened, and a way on. */
export function Broken() {
  const error = useRouteError();
  return (
    <Box as="main" px={8}>
      <Failed whole error={error} retry={() => window.location.reload()} />
    </Box>
  );
}
