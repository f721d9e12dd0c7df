import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from '../kit/Link';
import { day } from '../kit/style/time';
import { LinkKey } from '../kit/Tabs';
import { Empty, Key } from '../kit/States';
import { copiesOf, goodsOf, hours, sheetOf, time } from './days';
import type { Plan, Visit } from '../server/usePlan';
import { useStepWords } from '../server/useStepKinds';

const FIRST_DAYS = 5;

/** What to pour on Tuesday, as pour sheets ready to start, and all else that is to be done. */
export function ByDay({ plan }: { plan: Plan }) {
  const [all, setAll] = useState(false);
  if (plan.days.length === 0) {
    return <Empty title="Nothing is left to do">All that is asked for is ready or sent.</Empty>;
  }
  const shown = all ? plan.days : plan.days.slice(0, FIRST_DAYS);
  return (
    <Box maxW="1160px">
      {shown.map((d) => (
        <Box key={d.date} as="section" aria-label={day(d.date)} mt={5}>
          <Flex gap={4} alignItems="baseline">
            <Text as="h2" textStyle="name">
              {day(d.date)}
            </Text>
            <Text color="quiet">
              {hours(d.visits.reduce((sum, v) => sum + v.minutes, 0))} of work
            </Text>
            <Link to={`/plan/days/${d.date}`}>Day sheet</Link>
          </Flex>
          {d.visits.map((v, i) => (
            <VisitRow key={i} visit={v} plan={plan} />
          ))}
        </Box>
      ))}
      {!all && plan.days.length > FIRST_DAYS && (
        <Box mt={5}>
          <Key onClick={() => setAll(true)}>{`And ${plan.days.length - FIRST_DAYS} days more`}</Key>
        </Box>
      )}
    </Box>
  );
}

function VisitRow({ visit, plan }: { visit: Visit; plan: Plan }) {
  const words = useStepWords();
  const sheet = sheetOf(plan, visit);
  const copies = copiesOf(plan, visit).join(', ');
  return (
    <Grid
      templateColumns={{ base: '62px 1fr', md: '74px 100px 1fr 190px' }}
      columnGap={4}
      rowGap={1}
      py={2}
      borderTop="1px solid"
      borderColor="rule"
      alignItems="center"
    >
      <Text textStyle="figure" fontSize="24px">
        {time(visit.at)}
      </Text>
      <Text textStyle="label">{words.todo(visit.step)}</Text>
      <Box gridColumn={{ base: '1 / 3', md: 'auto' }}>
        <Flex gap={2} alignItems="center" wrap="wrap">
          <Box
            aria-hidden
            w="16px"
            h="16px"
            border="1px solid"
            borderColor="steel"
            style={{ background: visit.swatch }}
          />
          <Text fontWeight={600}>
            {goodsOf(plan, visit)}, {visit.colourway}
          </Text>
          <Text color="quiet">
            {hours(visit.minutes)}
            {copies ? ` · into ${copies}` : ''}
          </Text>
        </Flex>
        {visit.lacks.length > 0 && (
          <Text color="oxide" fontWeight={600}>
            There will not be enough {visit.lacks.join(', ')}.
          </Text>
        )}
      </Box>
      {sheet ? <LinkKey to={sheet}>Pour sheet</LinkKey> : <Box />}
    </Grid>
  );
}
