import { Box, Flex, Text } from '@chakra-ui/react';
import type { Line } from './useOrders';

/** Where a line's pieces are, in words; nothing that is nought is said. */
export function progressWords(line: Line): string {
  const parts: [number, string][] = [
    [line.inMould, 'in the mould'],
    [line.curing, 'curing'],
    [line.ready, 'ready'],
    [line.scrapped, 'scrapped'],
  ];
  const said = parts.filter(([n]) => n > 0).map(([n, what]) => `${n} ${what}`);
  return said.length > 0 ? said.join(', ') : 'nothing poured yet';
}

/** How much of a line is ready, curing, in its mould, and still to pour. */
export function LineBar({ line }: { line: Line }) {
  const share = (n: number) => `${(100 * n) / line.quantity}%`;
  return (
    <Box>
      <Flex aria-hidden h="10px" bg="rule" maxW="320px">
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
