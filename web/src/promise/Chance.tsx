import { Box, Flex, Text } from '@chakra-ui/react';
import { plural } from '../kit/format';
import { day } from '../kit/style/time';
import type { ChanceView } from '../server/usePromise';

/** So many simulated weeks are a dot. */
const WEEKS_A_DOT = 5;
const DOT_PX = 12;

/** In how many simulated weeks it is ready on which day, and what they stand on. */
export function Chance({ view }: { view: ChanceView }) {
  const { chance, from } = view;
  const most = Math.max(...chance.ready.map((r) => dots(r.weeks)));
  return (
    <Box as="section" aria-label="How sure that is" mt={6}>
      <Text as="h2" textStyle="name">
        Ready by {day(chance.fiveOfTen)} in 5 of 10 weeks, by {day(chance.nineOfTen)} in 9 of 10
      </Text>
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
        A dot is {WEEKS_A_DOT} of a hundred simulated weeks. {basis(from)}
      </Text>
    </Box>
  );
}

/** What the weeks vary by, and from which records. */
function basis({ spread, pieces, warmDays, openDays }: ChanceView['from']): string {
  const varies =
    `They vary as this shop does: set times by ${whole(spread.setPercent)} %, ` +
    `${whole(spread.scrapPercent)} % scrap, people away on ${whole(spread.absentPercent)} % of days`;
  return pieces + warmDays + openDays === 0
    ? 'They vary as workshops usually do; there are no records of this one yet.'
    : `${varies} (from ${plural(pieces, 'piece')}, temperatures of ${plural(warmDays, 'day')} and ${plural(openDays, 'working day')}, and usual values while those are few).`;
}

function whole(percent: number | undefined): string {
  return String(Math.round(percent ?? 0));
}

/** At least one for each date that comes up. */
function dots(weeks: number): number {
  return Math.max(1, Math.round(weeks / WEEKS_A_DOT));
}
