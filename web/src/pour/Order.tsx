import { Box, Flex, Text } from '@chakra-ui/react';
import { Key } from '../kit/States';
import { volume } from '../kit/style/units';
import type { Sheet } from '../server/usePour';

interface Props {
  sheet: Sheet;
  order: number[] | undefined;
  onOrder: (order: number[]) => void;
}

/** The order in which copies are filled: the largest first unless somebody moves one. */
export function Order({ sheet, order, onOrder }: Props) {
  const copies = sheet.fills
    .flatMap((f) => f.copies.map(({ copy }) => ({ copy, litres: f.litresEach })))
    .sort((a, b) => b.litres - a.litres);
  const ids = order ?? copies.map((c) => c.copy.id);
  const sorted = ids.flatMap((id) => copies.filter((c) => c.copy.id === id));
  const move = (at: number, to: number) => {
    const next = [...ids];
    const [moved] = next.splice(at, 1);
    if (moved !== undefined) {
      next.splice(to, 0, moved);
      onOrder(next);
    }
  };
  return (
    <Box as="ol" listStyleType="none" aria-label="Order of filling">
      {sorted.map(({ copy, litres }, i) => (
        <Flex as="li" key={copy.id} alignItems="center" gap={3} mb={1}>
          <Text w="150px">
            <Text as="span" textStyle="label" fontSize="20px">
              {i + 1}. {copy.code}
            </Text>{' '}
            <Text as="span" color="quiet">
              {volume(litres)}
            </Text>
          </Text>
          <Key disabled={i === 0} onClick={() => move(i, i - 1)}>
            ↑<Text srOnly>{copy.code} earlier</Text>
          </Key>
          <Key disabled={i === sorted.length - 1} onClick={() => move(i, i + 1)}>
            ↓<Text srOnly>{copy.code} later</Text>
          </Key>
        </Flex>
      ))}
    </Box>
  );
}
