import { Box, Grid } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** The rows of one result under each other, as a list to a screen reader. */
export function ResultRows({ children }: { children: ReactNode }) {
  return (
    <Box as="ul" listStyleType="none" m={0} p={0}>
      {children}
    </Box>
  );
}

interface RowProps {
  name: string;
  drawing: ReactNode;
  children: ReactNode;
}

/** What it is about, drawn, and in words. */
export function ResultRow({ name, drawing, children }: RowProps) {
  return (
    <Grid
      as="li"
      templateColumns={{ base: '1fr', md: '190px minmax(0, 1fr) 270px' }}
      columnGap={5}
      rowGap={1}
      alignItems="center"
      py={2}
      borderBottom="1px solid"
      borderColor="rule"
    >
      <Box fontWeight={600}>{name}</Box>
      <Box>{drawing}</Box>
      <Box color="quiet" fontVariantNumeric="tabular-nums">
        {children}
      </Box>
    </Grid>
  );
}

interface BarProps {
  /** Shares of the full width, 0 to 1, each in its colour. */
  parts: readonly { share: number; color: string; words?: string }[];
  /** A line under the bar to its full width: what it could be. */
  full?: boolean;
}

/** A bar whose parts carry their own words where they fit. */
export function ResultBar({ parts, full = false }: BarProps) {
  return (
    <Box
      aria-hidden
      display="flex"
      h="24px"
      borderBottom={full ? '3px solid' : undefined}
      borderColor="rule"
    >
      {parts.map((part) => (
        <Box
          key={part.color}
          bg={part.color}
          color="ground"
          textStyle="small"
          lineHeight="24px"
          px={part.share > 0.12 ? 2 : 0}
          whiteSpace="nowrap"
          overflow="hidden"
          style={{ width: `${100 * Math.min(1, part.share)}%` }}
        >
          {part.share > 0.12 ? part.words : ''}
        </Box>
      ))}
    </Box>
  );
}
