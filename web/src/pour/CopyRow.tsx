import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { plural } from '../kit/format';
import { SectionDrawing } from '../kit/SectionDrawing';
import type { Copy, Mould } from '../mould/useMoulds';
import type { Line } from '../order/useOrders';

const Press = chakra('button');

export function isFree(copy: Copy): boolean {
  return !copy.held && copy.condition === 'good';
}

interface Props {
  line: Line;
  orderNumber: string;
  mould: Mould;
  chosen: number[];
  onFlip: (copyId: number) => void;
}

/** The copies of a line's mould, of which the free ones can be chosen. */
export function CopyRow({ line, orderNumber, mould, chosen, onFlip }: Props) {
  const free = mould.copies.filter(isFree).length;
  return (
    <Box as="section" aria-label={`Copies for ${line.product}`} mb={4}>
      <Text as="h2" textStyle="name">
        {line.product}, {line.colourway}, for {orderNumber}
      </Text>
      <Text color="quiet" mb={2}>
        {plural(free, 'copy', 'copies')} free of {mould.copies.length}; {line.toPour} wanted
      </Text>
      <Flex wrap="wrap" gap={2}>
        {mould.copies.map((copy) => {
          const usable = isFree(copy);
          const on = chosen.includes(copy.id);
          const state = usable ? (on ? 'chosen' : 'free') : copy.held ? 'holds' : copy.condition;
          return (
            <Press
              key={copy.id}
              type="button"
              aria-pressed={on}
              aria-label={`${copy.code}, ${state}`}
              disabled={!usable}
              onClick={() => onFlip(copy.id)}
              w="92px"
              p={2}
              textAlign="center"
              cursor={usable ? 'pointer' : 'not-allowed'}
              border="2px solid"
              borderColor={on ? 'ink' : 'transparent'}
              bg={on ? 'panel' : 'transparent'}
            >
              <Box h="58px" opacity={usable ? 1 : 0.5}>
                <SectionDrawing
                  section={mould.section}
                  filled={copy.held ? 1 : on ? 1 : 0}
                  swatch={on ? line.swatch : 'var(--chakra-colors-steel)'}
                  title={copy.code}
                />
              </Box>
              <Text textStyle="label">{copy.code}</Text>
              <Text textStyle="small" color={usable ? 'ink' : 'quiet'}>
                {state}
              </Text>
            </Press>
          );
        })}
      </Flex>
      {chosen.length === 0 && (
        <Text mt={2} color="quiet">
          {free === 0
            ? 'Every copy holds something. Take some out on the shelf first.'
            : 'Choose at least one copy.'}
        </Text>
      )}
    </Box>
  );
}
