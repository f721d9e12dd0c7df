import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { usePair } from '../server/useSession';
import { Wrong } from '../kit/Wrong';

/** The code that the owner's page shows; a QR code has brought it along. */
export function PairForm() {
  const [code, setCode] = useState(new URLSearchParams(location.search).get('code') ?? '');
  const pair = usePair();
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        pair.mutate(code, { onSuccess: () => history.replaceState(null, '', '/') });
      }}
    >
      <Box maxW="420px">
        <TextField
          label="code from the owner's page People and devices"
          text={code}
          onText={setCode}
          autoComplete="one-time-code"
        />
        <Wrong error={pair.error} mb={3} />
        <Key main type="submit" busy={pair.isPending} disabled={code.trim().length < 8}>
          Pair this device
        </Key>
      </Box>
    </form>
  );
}
