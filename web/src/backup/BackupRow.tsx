import { Box, Flex, Link, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { plural } from '../kit/format';
import { decimals } from '../kit/style/number';
import { moment } from '../kit/style/time';
import { Key } from '../kit/States';
import { type KeptBackup, useGoBack } from '../server/useBackups';
import { Wrong } from '../kit/Wrong';

const WHY: Record<string, string> = {
  daily: 'by itself',
  asked: 'asked for',
  beforeMigration: 'before an upgrade',
  beforeRestore: 'before going back',
  takenIn: 'taken in from an archive',
};

interface Props {
  backup: KeptBackup;
  newest: string | undefined;
  now: number;
}

/** A backup with what is in it, and the way back to it. */
export function BackupRow({ backup, newest, now }: Props) {
  const [asked, setAsked] = useState(false);
  const goBack = useGoBack();
  const at = moment(Date.parse(backup.madeAt), now);
  const file = `/api/backups/${encodeURIComponent(backup.name)}/file`;
  return (
    <Box as="li" borderBottom="1px solid" borderColor="rule" py={2}>
      <Flex gap={4} alignItems="center" wrap="wrap">
        <Box flex={1} minW="260px">
          <Text fontWeight={600}>
            {at}
            <Text as="span" fontWeight={400} color="quiet">
              {' '}
              {WHY[backup.reason ?? ''] ?? ''}
            </Text>
          </Text>
          {backup.good ? (
            <Text textStyle="small" color="quiet">
              {inside(backup)}
            </Text>
          ) : (
            <Text textStyle="small" color="oxide" fontWeight={600}>
              Damaged: it cannot be gone back to.
            </Text>
          )}
        </Box>
        {backup.good && (
          <>
            <Link href={file} download className="plain-link">
              Save a copy
            </Link>
            {!asked && <Key onClick={() => setAsked(true)}>Go back to it…</Key>}
          </>
        )}
      </Flex>
      {asked && (
        <Box
          role="group"
          aria-label={`Go back to ${at}`}
          borderLeft="5px solid"
          borderColor="ochre"
          pl={4}
          my={3}
        >
          <Text>
            {backup.shop} as it was ({at}), with {inside(backup)}. What was entered since then will
            not be in it. How it is now is kept as one more backup, so that you can come back.
          </Text>
          <Flex gap={3} mt={3} wrap="wrap">
            <Key
              main
              busy={goBack.isPending}
              onClick={() => goBack.mutate({ name: backup.name, newest })}
            >
              Go back
            </Key>
            <Key disabled={goBack.isPending} onClick={() => setAsked(false)}>
              Stay here
            </Key>
          </Flex>
          <Wrong error={goBack.error} mt={2} />
        </Box>
      )}
    </Box>
  );
}

function inside({ counts, bytes }: KeptBackup): string {
  const said = [
    plural(counts['orders'] ?? 0, 'order'),
    plural(counts['pours'] ?? 0, 'pour'),
    plural(counts['pieces'] ?? 0, 'piece'),
    plural(counts['moulds'] ?? 0, 'mould'),
  ];
  return `${said.join(', ')}; ${decimals(bytes / 1e6, 1)} MB`;
}
