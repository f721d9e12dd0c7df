import { Box, Flex, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { messageOf, type Schemas } from '../api/client';
import { plural } from '../kit/format';
import { Key } from '../kit/States';
import { useOrderActs } from '../server/useOrders';
import { ForOwners } from '../kit/ForOwners';

const OUTCOMES: Record<Schemas['TakenMessage']['outcome'], string> = {
  placed: 'taken in',
  changed: 'changed',
  cancelled: 'cancelled',
  repeated: 'had come before, nothing done',
  outdated: 'a later state is known, nothing done',
  refused: 'cannot be taken',
};

/** Orders from a shop elsewhere, and what waits on the shelf for nobody. */
export function FeedPanel() {
  const { fetchFeed, allotAll } = useOrderActs();
  return (
    <Box mt={9} borderTop="4px solid" borderColor="steel" pt={4}>
      <Flex gap={4} wrap="wrap">
        <ForOwners>
          <Key busy={fetchFeed.isPending} onClick={() => fetchFeed.mutate()}>
            Fetch shop orders
          </Key>
        </ForOwners>
        <Key busy={allotAll.isPending} onClick={() => allotAll.mutate()}>
          Allot what is free
        </Key>
      </Flex>
      <Box aria-live="polite" mt={3}>
        {(fetchFeed.error ?? allotAll.error) && (
          <Text color="oxide" fontWeight={600}>
            {messageOf(fetchFeed.error ?? allotAll.error)}
          </Text>
        )}
        {allotAll.data && (
          <Text>{plural(allotAll.data.pieces, 'piece')} tied to lines, oldest first.</Text>
        )}
        {fetchFeed.data?.messages.length === 0 && <Text>The shop has nothing new.</Text>}
        {fetchFeed.data?.messages.map((m) => (
          <Flex key={m.messageId} gap={4} py={1} borderBottom="1px solid" borderColor="rule">
            <Text w="90px" fontWeight={600}>
              {m.orderId ? (
                <Link className="plain-link" to={`/orders/${m.orderId}`}>
                  {m.order}
                </Link>
              ) : (
                m.order
              )}
            </Text>
            <Text color={m.outcome === 'refused' ? 'oxide' : 'quiet'}>
              {OUTCOMES[m.outcome]} {m.errors.map((e) => e.message).join(' ')}
            </Text>
          </Flex>
        ))}
      </Box>
    </Box>
  );
}
