import { Box, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { messageOf } from '../api/client';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { type Backups, useSecondFolder } from '../server/useBackups';

/** A stick or a share that each backup is copied to: a machine that is gone takes its own along. */
export function SecondFolder({ backups }: { backups: Backups }) {
  const kept = backups.secondFolder ?? '';
  const [path, setPath] = useState(kept);
  const name = useSecondFolder();
  return (
    <Box as="section" aria-label="Second folder" mt={7}>
      <TextField
        label="Copy each one to a second folder (a stick, a share)"
        text={path}
        onText={setPath}
        problem={name.error ? messageOf(name.error) : undefined}
        note={note(backups, path)}
      />
      {path.trim() !== kept && (
        <Key busy={name.isPending} onClick={() => name.mutate(path)}>
          {path.trim() ? 'Copy them there' : 'No second folder'}
        </Key>
      )}
      <Text textStyle="small" color="quiet" mt={2}>
        All are in {backups.folder}
      </Text>
    </Box>
  );
}

function note(backups: Backups, path: string): string | undefined {
  if (!backups.secondFolder || path !== backups.secondFolder) {
    return undefined;
  }
  return backups.secondAway
    ? 'It is not there now. Plug it in; the next backup goes there again.'
    : 'It is there.';
}
