import { Box, Grid, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { counted, plural } from '../kit/format';
import { day } from '../kit/style/time';
import { type LineChance, type Plan, type PlannedLine, useChances } from '../server/usePlan';

/** When each line will be ready, the latest first, and why not sooner. */
export function ByOrder({ plan }: { plan: Plan }) {
  const lines = [...plan.idle, ...plan.lines].sort(
    (a, b) => b.lateDays - a.lateDays || a.due.localeCompare(b.due),
  );
  const { data: book } = useChances(plan);
  const chanceOf = new Map(book?.lines.map((l) => [l.lineId, l]));
  return (
    <Box maxW="1160px" mt={3}>
      {book && book.lines.length > 0 && (
        <Text role="status" fontWeight={600}>
          {book.sure} of {plural(book.lines.length, 'line')} still to be poured{' '}
          {book.sure === 1 ? 'is' : 'are'} on time in 9 of 10 simulated weeks.
        </Text>
      )}
      {lines.map((line) => (
        <Row key={line.lineId} line={line} chance={chanceOf.get(line.lineId)} />
      ))}
    </Box>
  );
}

function Row({ line, chance }: { line: PlannedLine; chance: LineChance | undefined }) {
  const late = line.lateDays > 0 || !line.readyAt;
  return (
    <Grid
      templateColumns={{ base: '1fr', md: '220px 1.3fr 110px 130px 2fr' }}
      columnGap={4}
      rowGap={1}
      py={3}
      borderBottom="1px solid"
      borderColor="rule"
    >
      <Link className="plain-link" to={`/orders/${line.orderId}`}>
        {line.order}, {line.customer}
      </Link>
      <Text>
        {counted(line.quantity, line.product)}, {line.colourway}
      </Text>
      <Text>due {day(line.due)}</Text>
      <Text fontWeight={600} color={late ? 'oxide' : 'moss'}>
        {line.readyAt ? `ready ${day(line.readyAt.slice(0, 10))}` : 'cannot be planned'}
        {chance && (
          <Text as="span" display="block" textStyle="small" fontWeight={400} color="quiet">
            {Math.round(chance.onTime * 100)} % sure; 9 of 10 by {day(chance.nineOfTen)}
          </Text>
        )}
      </Text>
      <Text textStyle="small">
        {line.lateDays > 0 ? `${plural(line.lateDays, 'day')} late. ` : ''}
        {line.why ?? ''}
      </Text>
    </Grid>
  );
}
