import { Box, Grid, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';

interface Props {
  value: string;
  unit: string;
  what: string;
  /** In two or three words, at the right edge. */
  short: string;
  /** The formula with its numbers, its source, what would change it. */
  children: ReactNode;
  alarm?: boolean;
}

/** A figure, what it is in plain words, and why. */
export function FigureRow({ value, unit, what, short, children, alarm }: Props) {
  return (
    <Box as="details" borderBottom="1px solid" borderColor="rule" py={2}>
      <Grid
        as="summary"
        cursor="pointer"
        listStyleType="none"
        templateColumns={{ base: '116px 1fr', md: '140px 1fr auto' }}
        alignItems="baseline"
        columnGap={3}
      >
        <Text as="span" textStyle="figure" color={alarm ? 'oxide' : 'ink'}>
          {value}{' '}
          <Text as="span" fontSize="19px" fontWeight={500} color="quiet">
            {unit}
          </Text>
        </Text>
        <span>{what}</span>
        <Text
          as="span"
          textStyle="small"
          color="quiet"
          borderBottom="1px dotted"
          gridColumn={{ base: '2', md: 'auto' }}
          justifySelf={{ base: 'start', md: 'end' }}
        >
          {short}
        </Text>
      </Grid>
      <Box textStyle="small" color="quiet" pt={2} pl={{ base: 0, md: '152px' }}>
        {children}
      </Box>
    </Box>
  );
}
