import { Box, Grid, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { Fragment } from 'react';
import { Link } from '../kit/Link';
import { client, dataOf } from '../api/client';
import { benchMass } from '../kit/style/bench';
import { moment } from '../kit/style/time';
import { useNow } from '../server/useWorkshop';
import { keyOf } from '../server/keys';

const KINDS = {
  received: 'came',
  used: 'went into a pour',
  wasted: 'wasted',
  counted: 'counted',
  givenBack: 'given back',
} as const;

const MOST = 20;

/** What changed a material's quantity last: when, why, and by whom. */
export function Movements({ materialId }: { materialId: number }) {
  const now = useNow();
  const { data } = useQuery({
    queryKey: keyOf('movements', materialId),
    queryFn: () =>
      dataOf(
        client.GET('/api/materials/{id}/movements', {
          params: { path: { id: materialId }, query: { size: MOST } },
        }),
      ),
  });
  if (!data || data.items.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="Movements" mt={8}>
      <Text as="h2" textStyle="name" mb={2}>
        What came and went
      </Text>
      <Grid templateColumns={{ base: '1fr 1fr', md: '150px 120px 1fr 160px' }} columnGap={4}>
        {data.items.map((m, i) => (
          <Fragment key={i}>
            <Text color="quiet">{moment(Date.parse(m.at), now)}</Text>
            <Text textAlign={{ md: 'right' }} fontWeight={600}>
              {benchMass(Number(m.massKg))}
            </Text>
            <Text>
              {m.pourId === undefined ? (
                KINDS[m.kind]
              ) : (
                <Link className="plain-link" to={`/pours/${m.pourId}`}>
                  {KINDS[m.kind]}, {m.pourId}
                </Link>
              )}
              {m.reason && `: ${m.reason}`}
            </Text>
            <Text color="quiet">{m.who && `by ${m.who}`}</Text>
          </Fragment>
        ))}
      </Grid>
    </Box>
  );
}
