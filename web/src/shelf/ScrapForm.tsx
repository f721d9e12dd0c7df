import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from '../kit/Link';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { type Group, useScrap } from '../server/useShelf';
import { Wrong } from '../kit/Wrong';

/** Takes pieces of a group out of the way of the others, with the reason. */
export function ScrapForm({ group, onDone }: { group: Group; onDone: () => void }) {
  const [count, setCount] = useState('1');
  const [reason, setReason] = useState('');
  const scrap = useScrap();
  const some = Number(count);
  const ready = Number.isInteger(some) && some >= 1 && some <= group.pieces && reason.trim() !== '';
  return (
    <details>
      <summary style={{ cursor: 'pointer', paddingTop: '20px' }}>Something broke</summary>
      <Flex gap={4} wrap="wrap" mt={2} alignItems="flex-start">
        {group.pieces > 1 && (
          <Box w="130px">
            <TextField label={`pieces of ${group.pieces}`} text={count} onText={setCount} />
          </Box>
        )}
        <Box flex={1} minW="200px">
          <TextField label="what broke, and why" text={reason} onText={setReason} />
        </Box>
        <Box pt="21px">
          <Key
            disabled={!ready}
            busy={scrap.isPending}
            onClick={() =>
              scrap.mutate(
                { pieceIds: group.pieceIds.slice(-some), reason: reason.trim() },
                { onSuccess: onDone },
              )
            }
          >
            Scrap
          </Key>
        </Box>
      </Flex>
      <Wrong error={scrap.error} />
      <Text color="quiet" textStyle="small">
        To find out why, look at one:{' '}
        {group.pieceIds.slice(-3).map((id) => (
          <Link key={id} className="plain-link" to={`/pieces/${id}/inspect`}>
            piece {id}{' '}
          </Link>
        ))}
      </Text>
    </details>
  );
}
