import { Box } from '@chakra-ui/react';
import { Loading } from '../kit/States';

/** Until the script of the first page is there. */
export function Opening() {
  return (
    <Box as="main">
      <Loading what="the page" />
    </Box>
  );
}
