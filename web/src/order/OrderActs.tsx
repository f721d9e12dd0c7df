import { Box, Flex, Text } from '@chakra-ui/react';
import { dateAt, day } from '../kit/style/time';
import { LinkKey } from '../kit/Tabs';
import { Key } from '../kit/States';
import { PromisePanel } from '../promise/PromisePanel';
import { useOrderPromise } from '../server/usePromise';
import { useNow } from '../server/useWorkshop';
import { type Order, useOrderActs } from '../server/useOrders';
import { ForOwners } from '../kit/ForOwners';
import { Wrong } from '../kit/Wrong';

/** What can be done to an order: change, accept, mark, call off. */
export function OrderActs({ order }: { order: Order }) {
  const { cancel, accept, mark } = useOrderActs();
  const promise = useOrderPromise(order.id, order.quote && order.stage !== 'cancelled');
  const today = dateAt(useNow());
  const error = cancel.error ?? accept.error ?? mark.error ?? promise.error;
  if (order.stage === 'cancelled') {
    return <Text mb={4}>This order was cancelled; its pieces are free.</Text>;
  }
  const flip = (field: 'depositOn' | 'paidOn') => {
    const kept = {
      ...(order.depositOn && { depositOn: order.depositOn }),
      ...(order.paidOn && { paidOn: order.paidOn }),
    };
    const { [field]: before, ...others } = kept;
    mark.mutate({ order, marks: before ? others : { ...others, [field]: today } });
  };
  return (
    <Box mb={5}>
      {order.quote && promise.data && (
        <Box mb={4}>
          <PromisePanel promise={promise.data}>
            <ForOwners>
              <Key main busy={accept.isPending} onClick={() => accept.mutate(order)}>
                {`Accept for ${day(promise.data.nineOfTen)}`}
              </Key>
            </ForOwners>
          </PromisePanel>
        </Box>
      )}
      <ForOwners>
        <Flex gap={3} wrap="wrap">
          <LinkKey to={`/orders/${order.id}/change`}>Change</LinkKey>
          {!order.quote && (
            <>
              <Key busy={mark.isPending} onClick={() => flip('depositOn')}>
                {order.depositOn ? `Deposit in, ${day(order.depositOn)}` : 'Deposit came in'}
              </Key>
              <Key busy={mark.isPending} onClick={() => flip('paidOn')}>
                {order.paidOn ? `Paid, ${day(order.paidOn)}` : 'Paid'}
              </Key>
            </>
          )}
          {order.stage !== 'sent' && (
            <Key busy={cancel.isPending} onClick={() => cancel.mutate(order)}>
              {order.quote ? 'Cancel the quote' : 'Cancel the order'}
            </Key>
          )}
        </Flex>
      </ForOwners>
      <Wrong error={error} mt={2} />
    </Box>
  );
}
