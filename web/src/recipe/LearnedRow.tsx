import { Box, Flex, Text } from '@chakra-ui/react';
import { Key } from '../kit/States';

interface Props {
  /** What was learned, as a figure; a dash where nothing was. */
  value: string;
  what: string;
  /** What it rests on, and what is used now. */
  evidence: string;
  /** Puts it to use; without it there is nothing to change. */
  onUse?: (() => void) | undefined;
}

/** One thing that the shop's own work taught, beside what is used. */
export function LearnedRow({ value, what, evidence, onUse }: Props) {
  return (
    <Flex
      gap={5}
      py={2}
      borderBottom="1px solid"
      borderColor="rule"
      alignItems="center"
      wrap="wrap"
    >
      <Text textStyle="figure" w="90px">
        {value}
      </Text>
      <Box flex={1} minW="260px">
        <Text>{what}</Text>
        <Text textStyle="small" color="quiet">
          {evidence}
        </Text>
      </Box>
      {onUse && <Key onClick={onUse}>Use it</Key>}
    </Flex>
  );
}
