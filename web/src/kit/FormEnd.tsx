import { Box, Text } from '@chakra-ui/react';
import { messageOf } from '../api/client';
import { Key } from './States';

interface Props {
  error: unknown;
  busy: boolean;
  children: string;
}

/** What ends a form: what was wrong with it, and the key that sends it. */
export function FormEnd({ error, busy, children }: Props) {
  return (
    <Box mt={3} mb={8}>
      {error !== undefined && (
        <Text role="alert" color="oxide" fontWeight={600} mb={3}>
          {messageOf(error)}
        </Text>
      )}
      <Key main type="submit" busy={busy}>
        {children}
      </Key>
    </Box>
  );
}
