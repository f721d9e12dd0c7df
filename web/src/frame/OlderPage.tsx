import { Box, chakra } from '@chakra-ui/react';
import { useSyncExternalStore } from 'react';
import { isOlder, onOlder } from '../api/build';

const Press = chakra('button');

/** Stands over a page that is older than the server; what was typed stays until it is pressed. */
export function OlderPage() {
  const older = useSyncExternalStore(onOlder, isOlder);
  if (!older) {
    return null;
  }
  return (
    <Box role="alert" bg="ochre" color="ground" px={{ base: 4, md: 9 }} py={1} fontWeight={600}>
      Iron Shelf was upgraded since this page was opened. Finish what you are typing, then{' '}
      <Press
        type="button"
        minH="44px"
        cursor="pointer"
        textDecoration="underline"
        onClick={() => window.location.reload()}
      >
        load it anew
      </Press>
      .
    </Box>
  );
}
