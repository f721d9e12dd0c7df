import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Link, useParams } from 'react-router';
import { day } from '../kit/format';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { LineBar } from './LineBar';
import { type Line, type Order, useOrder } from './useOrders';

/** One order: its lines, how far each is, and what is still to pour. */
export function OrderPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useOrder(id);
  useTitle(data ? `Order ${data.number}` : 'Order');
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the order" />}
      {data && <Whole order={data} />}
    </Box>
  );
}

function Whole({ order }: { order: Order }) {
  const worth = order.lines.reduce((sum, l) => sum + Number(l.price) * l.quantity, 0);
  return (
    <>
      <Text as="h1" textStyle="title">
        {order.customer}
      </Text>
      <Text color="quiet" mb={6}>
        order {order.number} · placed {day(order.placedOn)} · due {day(order.due)} ·{' '}
        {worth.toFixed(2)} in all
      </Text>
      {order.lines.map((line) => (
        <LineRow key={line.id} line={line} />
      ))}
    </>
  );
}

function LineRow({ line }: { line: Line }) {
  const allotted = line.inMould + line.curing + line.ready;
  return (
    <Grid
      as="section"
      aria-label={`${line.product}, ${line.colourway}`}
      templateColumns={{ base: '1fr', md: '1.3fr 1.4fr 150px 190px' }}
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
          <Text textStyle="name">
            {line.quantity} {line.product}
          </Text>
          <Text color="quiet">
            {line.colourway} ·{' '}
            <Link className="plain-link" to={`/moulds/${line.mouldId}`}>
              mould
            </Link>
          </Text>
        </Box>
      </Flex>
      <LineBar line={line} />
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
      {line.toPour > 0 ? (
        <Link to={`/pour?order=${line.id}`}>
          <Flex
            minH="56px"
            bg="ink"
            color="ground"
            borderRadius="4px"
            alignItems="center"
            justifyContent="center"
            textStyle="label"
            fontSize="21px"
            _hover={{ bg: 'steel' }}
          >
            {line.toPour} to pour →
          </Flex>
        </Link>
      ) : (
        <Text color="moss" textStyle="label">
          all poured
        </Text>
      )}
    </Grid>
  );
}
