import { Box, Flex, Text } from '@chakra-ui/react';
import { plural } from '../kit/format';
import { codesOf } from './steps';
import type { Sheet } from './usePour';
import { wholeDegrees } from '../kit/style/units';

const HURRY_MS = 3 * 60_000;

interface Props {
  sheet: Sheet;
  wettedAt: number | undefined;
  now: number;
}

/** What is poured, and the working clock. */
export function BenchHead({ sheet, wettedAt, now }: Props) {
  const leftMs = wettedAt === undefined ? undefined : wettedAt + sheet.workingMin * 60_000 - now;
  const color = leftMs !== undefined && leftMs < HURRY_MS ? 'oxide' : 'ochre';
  return (
    <Flex bg="panel" px={7} minH="64px" alignItems="center" gap={6} wrap="wrap">
      <Text as="h1" textStyle="name">
        {sheet.fills.map((f) => f.product.name).join(' and ')},{' '}
        {sheet.layers.map((l) => l.colourway.name).join(' and ')}
      </Text>
      <Text>
        {plural(codesOf(sheet).length, 'copy')} · {plural(sheet.batches.length, 'mix')}
      </Text>
      <Text color="quiet">
        water {wholeDegrees(sheet.waterC)} buys {sheet.workingMin.toFixed(0)} min
      </Text>
      <Box flex={1} />
      <Text textStyle="name" color={color} role="timer" aria-label="Working time left">
        {leftMs === undefined
          ? 'clock starts when wet'
          : leftMs > 0
            ? `${minutes(leftMs)} left to work`
            : 'it stiffens: no more water, no more tapping'}
      </Text>
    </Flex>
  );
}

function minutes(ms: number): string {
  const seconds = Math.floor(ms / 1000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
