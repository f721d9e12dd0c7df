import { Box, Text } from '@chakra-ui/react';
import { useTakeIn } from '../server/useBackups';
import { Wrong } from '../kit/Wrong';

/** All tables and pictures as one archive for other programs, and back from it. */
export function Everything({ newest }: { newest: string | undefined }) {
  const takeIn = useTakeIn();
  return (
    <Box as="section" aria-label="Everything" mt={7}>
      <Text textStyle="name">Everything, for other programs</Text>
      <Text color="quiet">
        All tables as CSV with their columns explained, all pictures. Passwords and devices stay
        here.
      </Text>
      <Text my={2}>
        <a className="plain-link" href="/api/everything.zip" download>
          take everything out
        </a>
      </Text>
      <label>
        <Text as="span" textStyle="small" color="quiet" display="block">
          take such an archive in, in the place of what is here (which is kept as a backup)
        </Text>
        <input
          type="file"
          accept=".zip,application/zip"
          disabled={takeIn.isPending}
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) {
              takeIn.mutate({ file, newest });
            }
          }}
        />
      </label>
      {takeIn.isPending && <Text role="status">Taking it in; this takes some seconds…</Text>}
      <Wrong error={takeIn.error} mt={2} />
    </Box>
  );
}
