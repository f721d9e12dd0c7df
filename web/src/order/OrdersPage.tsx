import { Box, Flex, Grid, Input, Text } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { Link } from '../kit/Link';
import { counted, plural } from '../kit/format';
import { day } from '../kit/style/time';
import { LinkKey, Tabs } from '../kit/Tabs';
import { Empty, Failed, Key, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { type PlannedLine, usePlan } from '../server/usePlan';
import { FirstThing } from '../missing/FirstThing';
import { useWorkshop } from '../server/useWorkshop';
import { FeedPanel } from './FeedPanel';
import { type Order, useOrders, type Which } from '../server/useOrders';
import { STAGES } from './words';

const WHICH = [
  ['open', 'open'],
  ['quotes', 'quotes'],
  ['closed', 'sent or cancelled'],
  ['all', 'all'],
] as const;

/** What is asked for, soonest due first. */
export function OrdersPage() {
  useTitle('Orders');
  const [params, setParams] = useSearchParams();
  const search = params.get('search') ?? '';
  const which = (params.get('which') ?? 'open') as Which;
  const page = Number(params.get('page') ?? 0);
  const { data, error, refetch } = useOrders(search, which, page);
  const plan = usePlan();
  const { data: workshop } = useWorkshop();
  const set = (changed: Record<string, string>) =>
    setParams({ search, which, ...changed }, { replace: true });
  const more = data && (page + 1) * data.size < data.total;
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1160px">
      <Flex justifyContent="space-between" alignItems="flex-end" gap={4} wrap="wrap" mb={4}>
        <Text as="h1" textStyle="title">
          Orders
        </Text>
        <Flex gap={3} wrap="wrap">
          <LinkKey to="/orders/table">Import a table</LinkKey>
          <LinkKey to="/results">Results</LinkKey>
          <LinkKey main to="/orders/new">
            New order
          </LinkKey>
        </Flex>
      </Flex>
      <Flex justifyContent="space-between" gap={4} wrap="wrap" mb={2} alignItems="flex-end">
        <Tabs
          label="Which orders"
          value={which}
          options={WHICH}
          onValue={(w) => set({ which: w })}
        />
        <Input
          aria-label="Search by anything on an order"
          placeholder="customer, number, product, note, parcel"
          value={search}
          onChange={(e) => set({ search: e.target.value })}
          w={{ base: '100%', md: '320px' }}
          h="44px"
          bg="panel"
          borderColor="steel"
        />
      </Flex>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the orders" />}
      {data?.items.length === 0 &&
        (search ? (
          <Empty title={`No order matches “${search}”`}>
            Search by customer, number, product, colourway, note or tracking number.
          </Empty>
        ) : (
          <FirstThing title="No order is open">
            <Link className="plain-link" to="/orders/new">
              Take an order
            </Link>{' '}
            or{' '}
            <Link className="plain-link" to="/orders/table">
              import a table
            </Link>
            .
          </FirstThing>
        ))}
      {data?.items.map((order) => (
        <OrderRow
          key={order.id}
          order={order}
          lines={(plan.data?.lines ?? []).filter((l) => l.orderId === order.id)}
        />
      ))}
      <Flex gap={3} mt={5}>
        {page > 0 && <Key onClick={() => set({ page: String(page - 1) })}>Earlier</Key>}
        {more && <Key onClick={() => set({ page: String(page + 1) })}>Later</Key>}
      </Flex>
      {workshop?.demo && <FeedPanel />}
    </Box>
  );
}

/** The day on which the last line is ready by the plan; null where it has none. */
function readyOn(lines: PlannedLine[]): string | null {
  const days = lines.flatMap((l) => (l.readyAt ? [l.readyAt.slice(0, 10)] : []));
  return days.length === lines.length && days.length > 0 ? (days.sort().at(-1) ?? null) : null;
}

function OrderRow({ order, lines }: { order: Order; lines: PlannedLine[] }) {
  const toPour = order.lines.reduce((n, l) => n + l.toPour, 0);
  const late = Math.max(0, ...lines.map((l) => l.lateDays));
  const ready = readyOn(lines);
  return (
    <Link to={`/orders/${order.id}`}>
      <Grid
        templateColumns={{ base: '76px 1fr', md: '90px 1.1fr 2fr 130px 170px' }}
        columnGap={4}
        py={3}
        borderBottom="1px solid"
        borderColor="rule"
        alignItems="baseline"
        _hover={{ bg: 'panel' }}
      >
        <Text textStyle="figure" fontSize="26px">
          {order.number}
        </Text>
        <Text fontWeight={600}>{order.customer}</Text>
        <Text color="quiet" gridColumn={{ base: '2', md: 'auto' }}>
          {order.lines.map((l) => `${counted(l.quantity, l.product)}, ${l.colourway}`).join(' · ')}
        </Text>
        <Box gridColumn={{ base: '2', md: 'auto' }}>
          <Text color={order.stage === 'ready' ? 'moss' : 'ink'} fontWeight={600}>
            {STAGES[order.stage]}
          </Text>
          <Text textStyle="small" color="quiet">
            {toPour > 0 && order.stage !== 'quote' ? `${toPour} to pour` : ''}
          </Text>
        </Box>
        <Box gridColumn={{ base: '2', md: 'auto' }} textAlign={{ md: 'right' }}>
          <Text fontWeight={600}>due {day(order.due)}</Text>
          {ready && (
            <Text
              textStyle="small"
              color={late > 0 ? 'oxide' : 'quiet'}
              fontWeight={late ? 600 : 400}
            >
              planned {day(ready)}
              {late > 0 ? `, ${plural(late, 'day')} late` : ''}
            </Text>
          )}
        </Box>
      </Grid>
    </Link>
  );
}
