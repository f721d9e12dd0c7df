import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Choice } from '../kit/Choice';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import type { Condition, History, useCopyActs } from '../server/useCopy';
import { Wrong } from '../kit/Wrong';

const CONDITIONS: readonly (readonly [Condition, string])[] = [
  ['good', 'good'],
  ['mend', 'to be repaired'],
  ['worn', 'worn out'],
  ['retired', 'given up'],
];

interface Props {
  history: History;
  mark: ReturnType<typeof useCopyActs>['mark'];
}

/** A change of a copy's condition, with its reason. */
export function MarkForm({ history, mark }: Props) {
  const [open, setOpen] = useState(false);
  const [condition, setCondition] = useState<Condition>(history.copy.condition);
  const [reason, setReason] = useState('');
  if (!open) {
    return <Key onClick={() => setOpen(true)}>Change condition</Key>;
  }
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        mark.mutate(
          { condition, reason },
          {
            onSuccess: () => {
              setOpen(false);
              setReason('');
            },
          },
        );
      }}
    >
      <Flex gap={3} alignItems="flex-end" wrap="wrap">
        <Box w="180px">
          <Choice label="condition" value={condition} options={CONDITIONS} onValue={setCondition} />
        </Box>
        <Box w="280px">
          <TextField label="reason" text={reason} onText={setReason} />
        </Box>
        <Flex pb="20px" gap={3}>
          <Key main type="submit" busy={mark.isPending} disabled={reason.trim() === ''}>
            Note it
          </Key>
          <Key onClick={() => setOpen(false)}>Close</Key>
        </Flex>
      </Flex>
      <Wrong error={mark.error} />
    </form>
  );
}
