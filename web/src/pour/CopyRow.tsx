import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { plural } from '../kit/format';
import { SectionDrawing } from '../kit/SectionDrawing';
import type { Copy, Mould } from '../server/useMoulds';

const Press = chakra('button');

export function isFree(copy: Copy): boolean {
  return !copy.held && copy.condition === 'good';
}

/** Clean copies first: one that stands dirty is never taken before them. */
export function cleanFirst(copies: Copy[]): Copy[] {
  return [...copies].sort((a, b) => Number(a.washDue) - Number(b.washDue));
}

function stateOf(copy: Copy, on: boolean): string {
  if (!isFree(copy)) {
    return copy.held ? 'holds' : copy.condition;
  }
  return on ? 'chosen' : copy.washDue ? 'wash it first' : 'free';
}

/** What is still to be poured: an order's line, or as much as one likes for stock. */
export interface Open {
  key: string;
  lineId?: number;
  productId: number;
  product: string;
  mouldId: number;
  colourwayId: number;
  colourway: string;
  swatch: string;
  /** How many are wanted; undefined for stock. */
  toPour?: number;
  /** The order's number, or stock. */
  forWhom: string;
  /** Alike for what one mix can fill together. */
  mixKey: string;
}

interface Props {
  open: Open;
  mould: Mould;
  chosen: number[];
  onFlip: (copyId: number) => void;
}

/** The copies of a line's mould, of which the free ones can be chosen. */
export function CopyRow({ open, mould, chosen, onFlip }: Props) {
  const free = mould.copies.filter(isFree).length;
  const dirty = mould.copies.filter((c) => c.washDue && chosen.includes(c.id));
  return (
    <Box as="section" aria-label={`Copies for ${open.product}`} mb={4}>
      <Text as="h2" textStyle="name">
        {open.product}, {open.colourway}, for {open.forWhom}
      </Text>
      <Text color="quiet" mb={2}>
        {plural(free, 'copy')} free of {mould.copies.length}
        {open.toPour !== undefined && `; ${open.toPour} wanted`}
      </Text>
      <Flex wrap="wrap" gap={2}>
        {mould.copies.map((copy) => {
          const usable = isFree(copy);
          const on = chosen.includes(copy.id);
          const state = stateOf(copy, on);
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
                  swatch={on ? open.swatch : 'var(--chakra-colors-steel)'}
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
      {dirty.length > 0 && (
        <Text role="status" mt={2} fontWeight={600}>
          {dirty.map((c) => c.code).join(', ')} {dirty.length === 1 ? 'stands' : 'stand'} dirty:
          wash {dirty.length === 1 ? 'it' : 'them'} before filling.
        </Text>
      )}
      {chosen.length === 0 && (
        <Text mt={2} color="quiet">
          {free === 0
            ? mould.copies.length === 0
              ? 'This mould has no copy yet.'
              : 'No copy is free. Take some out on the shelf first.'
            : 'Choose at least one copy.'}
        </Text>
      )}
    </Box>
  );
}
