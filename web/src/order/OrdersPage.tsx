import { Box, Flex, Grid, Input, Text } from '@chakra-ui/react';
import { Link, useSearchParams } from 'react-router';
import { day, plural } from '../kit/format';
import { Empty, Failed, Key, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { useNow } from '../workshop/useWorkshop';
import { type Order, useOrders } from './useOrders';

/** What is asked for, soonest due first. */
export function OrdersPage() {
  useTitle('Orders');
  const [params, setParams] = useSearchParams();
  const search = params.get('search') ?? '';
  const page = Number(params.get('page') ?? 0);
  const { data, error, refetch } = useOrders(search, page);
  const more = data && (page + 1) * data.size < data.total;
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      <Flex justifyContent="space-between" alignItems="flex-end" gap={4} wrap="wrap" mb={5}>
        <Text as="h1" textStyle="title">
          Orders
        </Text>
        <Input
          aria-label="Search by customer or number"
          placeholder="customer or number"
          value={search}
          onChange={(e) =>
            setParams(e.target.value ? { search: e.target.value } : {}, { replace: true })
          }
          w="260px"
          h="44px"
          bg="panel"
          borderColor="steel"
        />
      </Flex>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the orders" />}
      {data?.items.length === 0 && (
        <Empty title={search ? `No order matches “${search}”` : 'No orders yet'}>
          {search
            ? 'Search by the customer’s name or the order’s number.'
            : 'Nobody waits for anything.'}
        </Empty>
      )}
      {data?.items.map((order) => (
        <OrderRow key={order.id} order={order} />
      ))}
      <Flex gap={3} mt={5}>
        {page > 0 && (
          <Key onClick={() => setParams({ search, page: String(page - 1) })}>Earlier</Key>
        )}
        {more && <Key onClick={() => setParams({ search, page: String(page + 1) })}>Later</Key>}
      </Flex>
    </Box>
  );
}

function OrderRow({ order }: { order: Order }) {
  const now = useNow();
  const toPour = order.lines.reduce((n, l) => n + l.toPour, 0);
  const days = Math.ceil((Date.parse(`${order.due}T17:00:00`) - now) / 86_400_000);
  const close = toPour > 0 && days <= 7;
  return (
    <Link to={`/orders/${order.id}`}>
      <Grid
        templateColumns={{ base: '60px 1fr', md: '80px 1.2fr 2fr 170px' }}
        columnGap={4}
        py={3}
        borderBottom="1px solid"
        borderColor="rule"
        alignItems="baseline"
        _hover={{ bg: 'panel' }}
      >
        <Text textStyle="figure">{order.number}</Text>
        <Text fontWeight={600}>{order.customer}</Text>
        <Text color="quiet" gridColumn={{ base: '2', md: 'auto' }}>
          {order.lines.map((l) => `${l.quantity} ${l.product}, ${l.colourway}`).join(' · ')}
        </Text>
        <Box gridColumn={{ base: '2', md: 'auto' }} textAlign={{ md: 'right' }}>
          <Text color={close ? 'ochre' : 'ink'} fontWeight={600}>
            due {day(order.due)}
          </Text>
          <Text textStyle="small" color="quiet">
            {toPour > 0 ? `${toPour} to pour` : 'all poured'}
            {close ? `, ${plural(days, 'day')} left` : ''}
          </Text>
        </Box>
      </Grid>
    </Link>
  );
}
