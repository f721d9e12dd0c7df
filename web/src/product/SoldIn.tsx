import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import type { Colourway } from '../server/useRecipes';

const Press = chakra('button');

interface Props {
  colourways: Colourway[];
  /** Their ids; none chosen means all of them. */
  soldIn: number[];
  onSoldIn: (ids: number[]) => void;
}

/** The colours that a product is offered in. */
export function SoldIn({ colourways, soldIn, onSoldIn }: Props) {
  const flip = (id: number) =>
    onSoldIn(soldIn.includes(id) ? soldIn.filter((s) => s !== id) : [...soldIn, id]);
  return (
    <Box role="group" aria-label="Sold in" mt={5}>
      <Text as="h2" textStyle="name">
        Sold in
      </Text>
      <Text color="quiet" mb={2}>
        {soldIn.length === 0 ? 'every colour of its recipe' : 'only what is pressed'}
      </Text>
      <Flex gap={2} wrap="wrap">
        {colourways.map((c) => (
          <Press
            key={c.id}
            type="button"
            aria-pressed={soldIn.includes(c.id)}
            onClick={() => flip(c.id)}
            display="flex"
            alignItems="center"
            gap={2}
            minH="48px"
            px={3}
            cursor="pointer"
            border="3px solid"
            borderColor={soldIn.includes(c.id) ? 'ink' : 'rule'}
            bg="panel"
          >
            <Box
              aria-hidden
              w="24px"
              h="24px"
              border="1px solid"
              borderColor="steel"
              style={{ background: c.swatch }}
            />
            {c.name}
          </Press>
        ))}
      </Flex>
    </Box>
  );
}
