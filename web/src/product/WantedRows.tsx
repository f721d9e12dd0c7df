import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { counted } from '../kit/format';
import { day } from '../kit/style/time';
import { mass } from '../kit/style/units';
import { progressWords } from '../order/words';
import type { ProductSheet } from '../server/useProducts';

/** Who wants how many, and what the copies turn out. */
export function Wanted({ sheet }: { sheet: ProductSheet }) {
  const pieces = sheet.wanted.reduce((n, w) => n + w.line.quantity, 0);
  return (
    <Box as="section" aria-label="Wanted" mt={5}>
      <Flex gap={4} alignItems="baseline">
        <Text as="h2" textStyle="name">
          Wanted
        </Text>
        <Text color="quiet">
          {sheet.wanted.length === 0
            ? 'by no open order'
            : `${pieces} in ${sheet.wanted.length === 1 ? 'one order line' : `${sheet.wanted.length} order lines`}`}{' '}
          · its copies turn out {counted(sheet.perWeek, 'piece')} a week
        </Text>
      </Flex>
      {sheet.wanted.slice(0, 6).map((w) => (
        <Grid
          key={w.line.id}
          templateColumns="60px 1fr 1.4fr auto"
          columnGap={4}
          py={2}
          borderBottom="1px solid"
          borderColor="rule"
          alignItems="baseline"
        >
          <Text textStyle="label" fontSize="20px">
            <Link to={`/orders/${w.orderId}`}>{w.order}</Link>
          </Text>
          <Text fontWeight={600}>
            {w.line.quantity} {w.line.colourway}
          </Text>
          <Text color="quiet">
            {progressWords(w.line)}
            {w.line.toPour > 0 && `, ${w.line.toPour} to pour`}
          </Text>
          <Text fontWeight={600}>due {day(w.line.due)}</Text>
        </Grid>
      ))}
    </Box>
  );
}

/** What one piece takes of each material, against what there is. */
export function Takes({ sheet }: { sheet: ProductSheet }) {
  return sheet.takes.length === 0 ? null : (
    <Box as="section" aria-label="What one takes" mt={5}>
      <Text as="h2" textStyle="name">
        What one takes
      </Text>
      <Flex wrap="wrap" columnGap={7}>
        {sheet.takes.map((t) => (
          <Text key={t.materialId} py={1}>
            <b>{mass(t.massKg)}</b> {t.material}{' '}
            <Text as="span" color={t.stockKg !== undefined && t.stockKg <= 0 ? 'oxide' : 'quiet'}>
              {t.stockKg === undefined ? '' : `(${mass(Number(t.stockKg))} there)`}
            </Text>
          </Text>
        ))}
      </Flex>
    </Box>
  );
}
