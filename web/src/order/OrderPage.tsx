import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useParams } from 'react-router';
import { Link } from '../kit/Link';
import { OrderDispatches } from '../dispatch/OrderDispatches';
import { counted } from '../kit/format';
import { day } from '../kit/style/time';
import { LinkKey } from '../kit/Tabs';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { Missing } from '../missing/Missing';
import { type PlannedLine, usePlan } from '../server/usePlan';
import { AllotPanel } from './AllotPanel';
import { CustomerPart } from './CustomerForm';
import { LineBar } from './LineBar';
import { OrderActs } from './OrderActs';
import { type Line, type Order, useOrder } from '../server/useOrders';
import { STAGES } from './words';
import { money } from '../kit/style/money';

/** One order: its lines, how far each is, when it will be ready and why not sooner. */
export function OrderPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useOrder(id);
  const plan = usePlan();
  useTitle(data ? `Order ${data.number}` : 'Order');
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1160px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the order" />}
      {data && (
        <Whole
          order={data}
          planned={[...(plan.data?.lines ?? []), ...(plan.data?.idle ?? [])].filter(
            (l) => l.orderId === data.id,
          )}
        />
      )}
    </Box>
  );
}

function Whole({ order, planned }: { order: Order; planned: PlannedLine[] }) {
  const anyReady = order.lines.some((l) => l.ready > 0) && order.stage !== 'cancelled';
  return (
    <>
      <Flex justifyContent="space-between" gap={4} wrap="wrap">
        <Box>
          <Text as="h1" textStyle="title">
            {order.customer}
          </Text>
          <Text color="quiet" mb={4}>
            {order.quote ? 'quote' : 'order'} {order.number} · {STAGES[order.stage]} · placed{' '}
            {day(order.placedOn)} · due {day(order.due)}
            {order.promisedOn ? ` · promised ${day(order.promisedOn)}` : ''}
            {order.worth === undefined ? '' : ` · ${money(order.worth)} in all`}
            {order.who && ` · taken by ${order.who}`}
            {order.changedBy && order.changedBy !== order.who && `, changed by ${order.changedBy}`}
          </Text>
          {order.note && <Text mb={3}>{order.note}</Text>}
        </Box>
        {anyReady && (
          <LinkKey main to={`/dispatch/${order.id}`}>
            Pack what is ready
          </LinkKey>
        )}
      </Flex>
      <Missing about={`order-${order.id}`} />
      <CustomerPart customerId={order.customerId} />
      <OrderActs order={order} />
      {order.lines.map((line) => (
        <LineRow
          key={line.id}
          line={line}
          quote={order.quote || order.stage === 'cancelled'}
          planned={planned.find((p) => p.lineId === line.id)}
        />
      ))}
      {!order.quote && order.stage !== 'cancelled' && <AllotPanel order={order} />}
      <OrderDispatches order={order} />
    </>
  );
}

interface RowProps {
  line: Line;
  quote: boolean;
  planned: PlannedLine | undefined;
}

function LineRow({ line, quote, planned }: RowProps) {
  const allotted = line.inMould + line.curing + line.ready + line.sent;
  return (
    <Grid
      as="section"
      aria-label={`${line.product}, ${line.colourway}`}
      templateColumns={{ base: '1fr', md: '1.3fr 1.4fr 120px 190px' }}
      columnGap={6}
      rowGap={2}
      py={5}
      borderTop="1px solid"
      borderColor="rule"
      alignItems="center"
    >
      <Flex gap={4} alignItems="center">
        <Box
          aria-hidden
          w="40px"
          h="40px"
          flexShrink={0}
          border="1px solid"
          borderColor="steel"
          style={{ background: line.swatch }}
        />
        <Box>
          <Text textStyle="name">{counted(line.quantity, line.product)}</Text>
          <Text color="quiet">
            {line.colourway} · due {day(line.due)} ·{' '}
            <Link className="plain-link" to={`/moulds/${line.mouldId}`}>
              mould
            </Link>
          </Text>
          {line.note && <Text textStyle="small">{line.note}</Text>}
        </Box>
      </Flex>
      <Box>
        {!quote && <LineBar line={line} />}
        {planned && line.stage !== 'sent' && <Planned planned={planned} />}
      </Box>
      <Box>
        <Text textStyle="figure">
          {allotted}{' '}
          <Text as="span" fontSize="18px" fontWeight={500} color="quiet">
            of {line.quantity}
          </Text>
        </Text>
        <Text textStyle="small" color="quiet">
          allotted
        </Text>
      </Box>
      {quote ? (
        <Box />
      ) : line.toPour > 0 ? (
        <LinkKey main to={`/pour?order=${line.id}`}>
          {line.toPour} to pour →
        </LinkKey>
      ) : (
        <Text color="moss" textStyle="label">
          all poured
        </Text>
      )}
    </Grid>
  );
}

/** When the plan has it ready, and why not sooner. */
function Planned({ planned }: { planned: PlannedLine }) {
  return (
    <Box mt={1}>
      {planned.readyAt && (
        <Text fontWeight={600} color={planned.lateDays > 0 ? 'oxide' : 'ink'}>
          planned for {day(planned.readyAt.slice(0, 10))}
          {planned.lateDays > 0 ? `, ${planned.lateDays} days late` : ''}
        </Text>
      )}
      {planned.why && <Text textStyle="small">{planned.why}</Text>}
    </Box>
  );
}
