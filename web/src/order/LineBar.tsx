import { Box, Flex, Text } from '@chakra-ui/react';
import type { Line } from '../server/useOrders';
import { progressWords } from './words';

/** How much of a line is sent, ready, curing, in its mould, and still to pour. */
export function LineBar({ line }: { line: Line }) {
  const share = (n: number) => `${(100 * n) / line.quantity}%`;
  return (
    <Box>
      <Flex aria-hidden h="10px" bg="rule" maxW="320px">
        <Box w={share(line.sent)} bg="ink" />
        <Box w={share(line.ready)} bg="moss" />
        <Box w={share(line.curing)} bg="bath" />
        <Box w={share(line.inMould)} bg="steel" />
      </Flex>
      <Text textStyle="small" color="quiet" mt={1}>
        {progressWords(line)}
      </Text>
    </Box>
  );
}
