import { Flex, Text } from '@chakra-ui/react';
import { messageOf } from '../api/client';
import { plural } from '../kit/format';
import { moment } from '../kit/style/time';
import { Key } from '../kit/States';
import { useStepWords } from '../server/useStepKinds';
import { useActs, useUndo } from '../server/useShelf';

/** For so long the last act is offered to be taken back. */
const OFFERED_MS = 15 * 60_000;

/** The last thing done on the shelf, to be taken back. */
export function LastAct({ now }: { now: number }) {
  const { data } = useActs();
  const undo = useUndo();
  const words = useStepWords();
  const last = data?.[0];
  if (!last || now - Date.parse(last.doneAt) > OFFERED_MS) {
    return null;
  }
  return (
    <Flex
      role="status"
      position="fixed"
      bottom={{ base: '44px', md: 0 }}
      left={{ base: 0, md: '112px' }}
      bg="panel"
      borderTop="1px solid"
      borderRight="1px solid"
      borderColor="rule"
      alignItems="center"
      gap={4}
      px={4}
      zIndex={4}
    >
      <Text>
        {undo.error
          ? messageOf(undo.error)
          : `${plural(last.pieceIds.length, 'piece')} ${last.leftOut ? 'not ' : ''}${words.done(last.step)}, ${moment(Date.parse(last.doneAt), now)}`}
      </Text>
      <Key busy={undo.isPending} onClick={() => undo.mutate(last.id)}>
        Undo
      </Key>
    </Flex>
  );
}
