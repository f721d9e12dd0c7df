import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useRef } from 'react';
import { useParams } from 'react-router';
import { Link } from '../../kit/Link';
import { plural } from '../../kit/format';
import { Failed, Key, Loading } from '../../kit/States';
import { day as dayWords } from '../../kit/style/time';
import { mass } from '../../kit/style/units';
import { LinkKey } from '../../kit/Tabs';
import { useTitle } from '../../kit/useTitle';
import { useWidth } from '../../kit/useWidth';
import { useProductCards } from '../../server/useProducts';
import { hours, sheetOf } from '../days';
import { type Plan, usePlan } from '../../server/usePlan';
import { DayLanes } from './DayLanes';
import { type Day, useDay } from '../../server/useDay';

const LEAST_PX = 760;

/** A day as a foreman would write it: who mixes and does what when, what to fetch, what is late. */
export function DaySheetPage() {
  const { date = '' } = useParams();
  const { data: plan, error: noPlan } = usePlan();
  const { data: day, error, refetch } = useDay(date);
  const { data: cards } = useProductCards();
  const ref = useRef<HTMLDivElement>(null);
  const width = useWidth(ref);
  useTitle(`Day sheet, ${dayWords(date)}`);
  const failed = error ?? noPlan;
  if (failed) {
    return <Failed error={failed} retry={() => void refetch()} />;
  }
  const sections = new Map((cards ?? []).map((c) => [c.id, c.section]));
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} pb={6}>
      <Flex justifyContent="space-between" gap={4} wrap={{ base: 'wrap', md: 'nowrap' }} mb={3}>
        <Box>
          <Text as="h1" textStyle="title">
            {dayWords(date)}
          </Text>
          {day && plan && <Summary day={day} plan={plan} />}
        </Box>
        <Flex gap={3} flexShrink={0} alignItems="flex-start" className="no-print">
          <LinkKey to="/plan/what-if">What if</LinkKey>
          <LinkKey to="/plan">Whole plan</LinkKey>
          <Key onClick={() => window.print()}>Print</Key>
          {day && plan && <Start day={day} plan={plan} />}
        </Flex>
      </Flex>
      <Box ref={ref} overflowX="auto" mb={6}>
        {day && plan ? (
          <DayLanes day={day} plan={plan} sections={sections} widthPx={Math.max(LEAST_PX, width)} />
        ) : (
          <Loading what="the day" />
        )}
      </Box>
      {day && plan && (
        <Grid templateColumns={{ base: '1fr', md: '1fr 2fr' }} gap={8}>
          <Fetch day={day} />
          <Late plan={plan} />
        </Grid>
      )}
    </Box>
  );
}

function Summary({ day, plan }: { day: Day; plan: Plan }) {
  const mixes = day.visits.filter((v) => v.litres !== undefined);
  const copies = mixes.reduce((n, m) => n + m.casts.length, 0);
  const late = plan.lines.filter((l) => l.lateDays > 0).length;
  const work = day.visits.reduce((n, v) => n + v.minutes, 0);
  return (
    <Text color="quiet">
      {mixes.length === 0
        ? 'Nothing is poured'
        : `${plural(mixes.length, 'mix', 'mixes')} into ${plural(copies, 'copy')}`}{' '}
      · {hours(work)} of work for {plural(day.people, 'person', 'people')} ·{' '}
      {late === 0
        ? 'nothing is late'
        : `${plural(late, 'line')} late, ${plural(plan.lateDays, 'day')} in all`}
      {late > 0 && plan.leastLateDays > 0
        ? `; at least ${plural(Math.round(plan.leastLateDays), 'day')} whatever is done`
        : ''}
    </Text>
  );
}

/** The first mix of the day that can be poured. */
function Start({ day, plan }: { day: Day; plan: Plan }) {
  const first = day.visits
    .filter((v) => v.casts.length > 0)
    .sort((a, b) => a.at.localeCompare(b.at))
    .map((v) => sheetOf(plan, v))
    .find((sheet) => sheet !== undefined);
  return first ? (
    <LinkKey main to={first}>
      Start the day
    </LinkKey>
  ) : null;
}

function Fetch({ day }: { day: Day }) {
  return (
    <Box as="section" aria-label="To fetch">
      <Text as="h2" textStyle="name">
        To fetch
      </Text>
      {day.fetch.length === 0 && <Text color="quiet">Nothing is mixed on this day.</Text>}
      {day.fetch.map((f) => (
        <Text key={f.materialId}>
          <Link to={`/stock/${f.materialId}`}>
            {mass(f.massKg)} {f.material}
          </Link>
        </Text>
      ))}
    </Box>
  );
}

function Late({ plan }: { plan: Plan }) {
  const late = plan.lines.filter((l) => l.lateDays > 0).sort((a, b) => b.lateDays - a.lateDays);
  return (
    <Box as="section" aria-label="Late, and what would help">
      <Text as="h2" textStyle="name">
        Late, and what would help
      </Text>
      {late.length === 0 && <Text color="moss">Every line is in time.</Text>}
      {late.map((l) => (
        <Box key={l.lineId} py={2} borderTop="1px solid" borderColor="rule">
          <Text>
            <Link to={`/orders/${l.orderId}`}>
              <Text as="span" color="oxide" fontWeight={600}>
                {l.order} {l.customer}
              </Text>
            </Link>{' '}
            · {l.quantity} {l.product}, {l.colourway} · {plural(l.lateDays, 'day')} late
          </Text>
          {l.why && <Text color="quiet">{l.why}</Text>}
        </Box>
      ))}
    </Box>
  );
}
