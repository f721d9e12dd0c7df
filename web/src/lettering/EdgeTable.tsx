import { Box, Table, Text } from '@chakra-ui/react';
import { tableSlotRecipe } from '@chakra-ui/react/theme';
import { length } from '../kit/style/units';
import type { Lettering } from '../server/useLettering';

/** Each letter’s distance from either edge, so that a line can be stamped from both ends. */
export function EdgeTable({ lettering }: { lettering: Lettering }) {
  return (
    <Box overflowX="auto" tabIndex={0} mt={4}>
      {lettering.lines.map((line, no) => (
        <Table.Root recipe={tableSlotRecipe} key={no} size="sm" w="auto" mb={4}>
          <Table.Caption captionSide="top" textAlign="left">
            <b>{line.text}</b>: {length(line.lineMm)} in {length(line.roomMm)}, its feet{' '}
            {length(line.baseMm)} above the lower edge
            {line.overMm > 0 && (
              <Text as="span" color="oxide" fontWeight={600}>
                {' '}
                · does not fit: {length(line.overMm)} too long
              </Text>
            )}
          </Table.Caption>
          <Table.Body>
            {(
              [
                ['stamp', (l) => l.letter],
                ['from the left edge', (l) => length(l.fromLeftMm)],
                ['from the right edge', (l) => length(l.fromRightMm)],
              ] satisfies [string, (l: (typeof line.letters)[number]) => string][]
            ).map(([name, of]) => (
              <Table.Row key={name} bg="transparent">
                <Table.ColumnHeader scope="row" whiteSpace="nowrap">
                  {name}
                </Table.ColumnHeader>
                {line.letters.map((letter, i) => (
                  <Table.Cell key={i} px={2} textAlign="right" whiteSpace="nowrap">
                    {of(letter)}
                  </Table.Cell>
                ))}
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      ))}
    </Box>
  );
}
