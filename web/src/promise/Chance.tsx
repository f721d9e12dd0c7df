import { Box, Flex, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { day } from '../kit/style/time';
import type { ChanceView } from './usePromise';

/** So many simulated weeks are a dot. */
const WEEKS_A_DOT = 5;
const DOT_PX = 12;

/** The date that is kept in nine of ten weeks, and in how many weeks it is ready on which day. */
export function Chance({ chance, children }: { chance: ChanceView; children?: ReactNode }) {
  const most = Math.max(...chance.ready.map((r) => dots(r.weeks)));
  return (
    <Box as="section" aria-label="How sure that is" mt={6}>
      <Text textStyle="small" color="quiet">
        kept in 9 of 10 weeks
      </Text>
      <Flex gap={5} alignItems="flex-end" wrap="wrap">
        <Text textStyle="figure">{day(chance.nineOfTen)}</Text>
        {children}
      </Flex>
      <Flex
        role="img"
        aria-label={`Ready by ${day(chance.fiveOfTen)} in half of the weeks, by ${day(chance.nineOfTen)} in nine of ten`}
        mt={3}
        gap={2}
        alignItems="flex-end"
        overflowX="auto"
        borderBottom="4px solid"
        borderColor="steel"
        minH={`${most * DOT_PX + 40}px`}
      >
        {chance.ready.map((r) => (
          <Box key={r.date} textAlign="center" minW="62px">
            <Flex direction="column-reverse" alignItems="center" gap="2px">
              {Array.from({ length: dots(r.weeks) }, (_, i) => (
                <Box
                  key={i}
                  data-week=""
                  w={`${DOT_PX - 2}px`}
                  h={`${DOT_PX - 2}px`}
                  borderRadius="50%"
                  bg={r.date <= chance.nineOfTen ? 'bath' : 'rule'}
                />
              ))}
            </Flex>
            <Text
              textStyle="label"
              fontSize="15px"
              borderRight={r.date === chance.nineOfTen ? '3px solid' : undefined}
              borderColor="ink"
            >
              {day(r.date)}
            </Text>
          </Box>
        ))}
      </Flex>
      <Text textStyle="small" color="quiet" mt={1}>
        A dot is {WEEKS_A_DOT} of a hundred simulated weeks: set times, scrap and days on which
        nobody is in vary as they usually do in workshops.
      </Text>
    </Box>
  );
}

/** At least one for each date that comes up. */
function dots(weeks: number): number {
  return Math.max(1, Math.round(weeks / WEEKS_A_DOT));
}
