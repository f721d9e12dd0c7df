import { Box } from '@chakra-ui/react';
import { useRouteError } from 'react-router';
import { Failed } from '../kit/States';

/** A page that could not be drawn: what happened, and a way on. */
export function Broken({ framed = false }: { framed?: boolean }) {
  const error = useRouteError();
  return (
    <Box as={framed ? 'div' : 'main'} px={8}>
      <Failed whole error={error} retry={() => window.location.reload()} />
    </Box>
  );
}
