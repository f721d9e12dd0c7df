import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { wholeDegrees } from '../../kit/style/units';
import type { BenchSettings } from './settings';
import { type Bench, countsOf, titleOf } from '../words';

const Press = chakra('button');
const HURRY_MS = 3 * 60_000;

interface Props {
  bench: Bench;
  now: number;
  settings: BenchSettings;
  practice: boolean;
  onSettings: () => void;
}

/** What is poured, where and by whom, and the working clock. */
export function BenchHead({ bench, now, settings, practice, onSettings }: Props) {
  const { sheet, state } = bench;
  const leftMs = state.clock ? Date.parse(state.clock.workUntil) - now : undefined;
  const color = leftMs !== undefined && leftMs < HURRY_MS ? 'oxide' : 'ochre';
  const here = [settings.bench, settings.person].filter(Boolean).join(' · ');
  return (
    <Flex bg="panel" px={7} minH="64px" alignItems="center" columnGap={6} wrap="wrap">
      <Text as="h1" textStyle="name">
        {practice && 'Practice: '}
        {titleOf(sheet)}
      </Text>
      <Text>{countsOf(bench)}</Text>
      <Text color="quiet">
        water {wholeDegrees(sheet.waterC)} buys {sheet.workingMin.toFixed(0)} min
      </Text>
      <Press
        type="button"
        onClick={onSettings}
        minH="44px"
        px={2}
        cursor="pointer"
        className="plain-link"
      >
        {here || 'this bench'}
      </Press>
      <Box flex={1} />
      <Text textStyle="name" color={color} role="timer" aria-label="Working time left">
        {leftMs === undefined
          ? state.batches.some((b) => b.mixes.some((m) => m.wettedAt !== undefined))
            ? ''
            : 'clock starts when wet'
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
