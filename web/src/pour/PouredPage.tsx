import { Box, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { Link } from '../kit/Link';
import { client, dataOf } from '../api/client';
import { Failed, Key, Loading } from '../kit/States';
import { moment } from '../kit/style/time';
import { nowMs } from '../kit/style/clock';
import { useNow } from '../server/useWorkshop';
import { PouredView } from './PouredView';
import { factsOf, type Session, standing, takingBack } from './script/facts';
import { note } from './script/queue';
import { keyOf } from '../server/keys';

/** What a pour that is over did; it can be taken up again, or taken back as a whole. */
export function PouredPage({ id, session }: { id: number; session?: Session }) {
  const now = useNow();
  const given = session?.state.status === 'abandoned';
  const { data, error, refetch } = useQuery({
    queryKey: keyOf('poured', id),
    queryFn: () => dataOf(client.GET('/api/pours/{id}', { params: { path: { id } } })),
    enabled: !given,
  });
  const closing = standing(session?.facts ?? []).filter(
    (f) => f.what?.kind === 'recorded' || f.what?.kind === 'abandoned',
  );
  const reopen = () => {
    note(id, factsOf(takingBack(closing), nowMs(), {}));
  };
  const why = closing.find((f) => f.what?.kind === 'abandoned')?.what;
  if (given) {
    return (
      <Box as="main" p={{ base: 5, md: 12 }} maxW="900px">
        <Text as="h1" textStyle="title" fontSize="48px">
          Pour {id} was given up
        </Text>
        <Text fontSize="22px" mt={2} mb={6}>
          {why?.kind === 'abandoned' && `${why.why}, `}
          {session.closedAt && moment(Date.parse(session.closedAt), now)}. No mould is held; what
          was weighed has left the stock.
        </Text>
        <Key onClick={reopen}>Take it up again</Key>
        <Text fontSize="22px" mt={6}>
          <Link className="plain-link" to="/pours">
            All pours
          </Link>
        </Text>
      </Box>
    );
  }
  return (
    <>
      {error && (
        <Box p={8}>
          <Failed whole error={error} retry={() => void refetch()} />
        </Box>
      )}
      {!data && !error && (
        <Box p={8}>
          <Loading what="the pour" />
        </Box>
      )}
      {data && (
        <PouredView
          poured={data}
          {...(session && { session })}
          {...(closing.length > 0 && session?.sheet && { onReopen: reopen })}
        />
      )}
    </>
  );
}
