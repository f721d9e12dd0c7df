import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { counted, plural } from '../kit/format';
import { day } from '../kit/style/time';
import { LinkKey } from '../kit/Tabs';
import { Empty, Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { type Pick, usePicks } from '../server/useDispatch';
import { mass } from '../kit/style/units';
import { alike } from './alike';
import { PickPieces } from './PickPieces';

/** What is ready to go, order by order, by its place on the shelf. */
export function DispatchPage() {
  useTitle('Send');
  const { data, error, refetch } = usePicks();
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1060px">
      <Text as="h1" textStyle="title">
        Ready to go
      </Text>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="what is ready" />}
      {data?.length === 0 && (
        <Empty title="Nothing is ready to go">
          Pieces stand here once they are packed-ready on the shelf and tied to a line.
        </Empty>
      )}
      {data?.map((pick) => (
        <PickRow key={pick.orderId} pick={pick} />
      ))}
    </Box>
  );
}

function PickRow({ pick }: { pick: Pick }) {
  const pieces = pick.places.flatMap((p) => p.pieces);
  const kg = pieces.reduce((sum, p) => sum + p.massKg, 0);
  return (
    <Grid
      as="section"
      aria-label={`Order ${pick.order}`}
      templateColumns={{ base: '1fr', md: '240px 1fr 190px' }}
      columnGap={5}
      rowGap={3}
      py={4}
      borderTop="1px solid"
      borderColor="rule"
      alignItems="start"
    >
      <Box>
        <Link className="plain-link" to={`/orders/${pick.orderId}`}>
          {pick.order}, {pick.customer}
        </Link>
        <Text color="quiet">
          due {day(pick.due)} · {plural(pieces.length, 'piece')}, {mass(kg)}
        </Text>
        <Text color={pick.toCome > 0 ? 'ochre' : 'moss'} fontWeight={600}>
          {pick.toCome > 0 ? `${pick.toCome} still to come` : 'all of it'}
        </Text>
      </Box>
      <Box>
        <PickPieces pick={pick} />
        <Box mt={2}>
          <PickList pick={pick} />
        </Box>
      </Box>
      <LinkKey main to={`/dispatch/${pick.orderId}`}>
        Pack
      </LinkKey>
    </Grid>
  );
}

/** Which pieces from where. */
export function PickList({ pick }: { pick: Pick }) {
  return (
    <Box>
      {pick.places.map((place) => (
        <Flex key={place.place} gap={3} alignItems="baseline">
          <Text textStyle="label" w="120px" flexShrink={0}>
            {place.place}
          </Text>
          <Text>
            {alike(place.pieces)
              .map(([first, ...more]) => {
                const own = [first, ...more];
                const some = own.slice(0, 6).map((p) => p.pieceId);
                const all = `${some.join(', ')}${own.length > 6 ? ', …' : ''}`;
                return `${counted(own.length, first.product)}, ${first.colourway} (${all})`;
              })
              .join(' · ')}
          </Text>
        </Flex>
      ))}
    </Box>
  );
}
