import { Box } from '@chakra-ui/react';
import { Key } from './States';
import { Wrong } from './Wrong';

interface Props {
  error: unknown;
  busy: boolean;
  children: string;
}

/** What ends a form: what was wrong with it, and the key that sends it. */
export function FormEnd({ error, busy, children }: Props) {
  return (
    <Box mt={3} mb={8}>
      <Wrong error={error} mb={3} />
      <Key main type="submit" busy={busy}>
        {children}
      </Key>
    </Box>
  );
}
