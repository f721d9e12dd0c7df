import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Link } from '../../kit/Link';
import { plural } from '../../kit/format';
import { day } from '../../kit/style/time';
import type { WhatIfView } from '../../server/useWhatIf';

type Shift = WhatIfView['lines'][number];

const DAY_MS = 86_400_000;
const MOST = 14;

/** When each line is ready, and those that move drawn from the one day to the other. */
export function Moves({ lines }: { lines: Shift[] }) {
  const dates = lines.flatMap((l) => [l.was, l.is, l.due]).map(dayOf);
  const first = Math.min(...dates) - 1;
  const span = Math.max(1, Math.max(...dates) + 1 - first);
  const moving = lines.filter((l) => l.was !== l.is).length;
  const at = (date: string) => `${(100 * (dayOf(date) - first)) / span}%`;
  return (
    <Box as="section" aria-label="Lines that move" mt={5}>
      <Text as="h2" textStyle="name">
        {moving === 0
          ? 'No line is ready on another day'
          : `${plural(moving, 'line')} on another day`}
      </Text>
      {lines.slice(0, MOST).map((l) => (
        <Grid
          key={l.lineId}
          templateColumns={{ base: '1fr', md: '200px 1fr 190px' }}
          columnGap={4}
          alignItems="center"
          py={1}
          borderTop="1px solid"
          borderColor="rule"
        >
          <Text truncate>
            <Link className="plain-link" to={`/orders/${l.orderId}`}>
              {l.order}
            </Link>{' '}
            {l.product}
          </Text>
          <Move shift={l} at={at} />
          <Text fontWeight={l.is === l.was ? 400 : 600} color={l.is > l.due ? 'oxide' : 'moss'}>
            {day(l.is)}, {moved(l)}
          </Text>
        </Grid>
      ))}
      {lines.length > 0 && (
        <Text textStyle="small" color="quiet" mt={1}>
          Open: as it is. Full: as it would be. The upright line is the day it is due.
          {lines.length > MOST ? ` ${lines.length - MOST} more lines are not drawn.` : ''}
        </Text>
      )}
    </Box>
  );
}

function Move({ shift, at }: { shift: Shift; at: (date: string) => string }) {
  const sooner = shift.is < shift.was;
  const [from, to] = sooner ? [shift.is, shift.was] : [shift.was, shift.is];
  const colour = shift.is === shift.was ? 'steel' : sooner ? 'moss' : 'oxide';
  return (
    <Flex
      role="img"
      aria-label={`ready ${day(shift.is)} in place of ${day(shift.was)}, due ${day(shift.due)}`}
      position="relative"
      h="26px"
      alignItems="center"
    >
      <Box
        position="absolute"
        left={at(from)}
        w={`calc(${at(to)} - ${at(from)})`}
        borderTop="3px solid"
        borderColor={colour}
      />
      <Dot left={at(shift.was)} colour={colour} />
      <Dot left={at(shift.is)} colour={colour} full />
      <Box
        position="absolute"
        left={at(shift.due)}
        h="26px"
        borderLeft="3px solid"
        borderColor="ink"
      />
    </Flex>
  );
}

function Dot({ left, colour, full }: { left: string; colour: string; full?: boolean }) {
  return (
    <Box
      position="absolute"
      left={left}
      w="12px"
      h="12px"
      ml="-6px"
      borderRadius="50%"
      border="3px solid"
      borderColor={colour}
      bg={full ? colour : 'ground'}
    />
  );
}

function moved({ was, is }: Shift): string {
  const days = dayOf(was) - dayOf(is);
  if (days === 0) {
    return 'as it is';
  }
  return days > 0 ? `${plural(days, 'day')} sooner` : `${plural(-days, 'day')} later`;
}

function dayOf(date: string): number {
  return Math.round(Date.parse(date) / DAY_MS);
}
