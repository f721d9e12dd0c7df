import { Box, Flex } from '@chakra-ui/react';
import { Key } from '../../kit/States';
import { TextField } from '../../kit/TextField';
import type { MouldDraft } from './useMouldForm';
import { Wrong } from '../../kit/Wrong';

interface Props {
  draft: MouldDraft;
  change: (part: Partial<MouldDraft>) => void;
  problem: string | undefined;
}

/** Several pours into one mould: face and back, two colours, two heads. */
export function PartFields({ draft, change, problem }: Props) {
  const set = (row: number, part: Partial<MouldDraft['parts'][number]>) =>
    change({ parts: draft.parts.map((p, i) => (i === row ? { ...p, ...part } : p)) });
  return (
    <Box>
      {draft.parts.map((part, row) => (
        <Flex key={row} gap={3}>
          <TextField
            label={`pour ${row + 1}`}
            text={part.name}
            onText={(name) => set(row, { name })}
          />
          <TextField label="share, %" text={part.share} onText={(share) => set(row, { share })} />
        </Flex>
      ))}
      <Wrong error={problem} />
      {draft.parts.length === 0 ? (
        <Key
          onClick={() =>
            change({
              parts: [
                { name: 'face', share: '50' },
                { name: 'back', share: '50' },
              ],
            })
          }
        >
          Pour it in two
        </Key>
      ) : (
        <Key onClick={() => change({ parts: [] })}>Pour in one piece</Key>
      )}
    </Box>
  );
}
