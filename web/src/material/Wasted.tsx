import { Box, Grid, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { Link } from '../kit/Link';
import { client, dataOf } from '../api/client';
import { benchMass } from '../kit/style/bench';
import { money } from '../kit/style/money';
import { moment } from '../kit/style/time';
import { useNow } from '../server/useWorkshop';
import { keyOf } from '../server/keys';

/** Mix that was thrown away, or that nobody could account for, with its reason and its cost. */
export function Wasted() {
  const now = useNow();
  const { data } = useQuery({
    queryKey: keyOf('use', 'waste'),
    queryFn: () => dataOf(client.GET('/api/use/waste')),
  });
  if (!data || data.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="Mix that came to nothing" mt={6}>
      <Text as="h2" textStyle="name" mb={2}>
        Mix that came to nothing
      </Text>
      {data.map((row, i) => (
        <Grid
          key={`${row.pourId} ${i}`}
          templateColumns={{ base: '1fr 1fr', lg: '1.2fr 1.2fr 1.2fr 120px 90px' }}
          columnGap={4}
          py={2}
          borderBottom="1px solid"
          borderColor="rule"
          alignItems="baseline"
        >
          <Link className="plain-link" to={`/pours/${row.pourId}`}>
            {row.mix}
          </Link>
          <Text>{row.reason}</Text>
          <Text color="quiet">{moment(Date.parse(row.at), now)}</Text>
          <Text>{benchMass(Number(row.kg))}</Text>
          <Text color="quiet" textAlign="right">
            {row.cost === undefined ? '' : money(row.cost)}
          </Text>
        </Grid>
      ))}
    </Box>
  );
}
