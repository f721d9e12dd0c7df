import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import { Link } from '../kit/Link';
import { client, dataOf, type Schemas } from '../api/client';
import { Choice } from '../kit/Choice';
import { benchMass } from '../kit/style/bench';
import { Empty, Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { Drift } from '../piece/Drift';
import { Wasted } from './Wasted';
import { money } from '../kit/style/money';
import { ForOwners } from '../kit/ForOwners';
import { keyOf } from '../server/keys';

type By = 'product' | 'month' | 'pour' | 'piece';

const BY: readonly (readonly [By, string])[] = [
  ['product', 'by product'],
  ['month', 'by month'],
  ['pour', 'by pour'],
  ['piece', 'by piece, the latest'],
];

/** What really went in against what was asked, and what a piece cost. */
export function UsePage() {
  useTitle('Material use');
  const [params, setParams] = useSearchParams();
  const by = (params.get('by') ?? 'product') as By;
  const { data, error, refetch } = useQuery({
    queryKey: keyOf('use', by),
    queryFn: () => dataOf(client.GET('/api/use', { params: { query: { by } } })),
  });
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      <Text as="h1" textStyle="title">
        Material use
      </Text>
      <Flex gap={5} alignItems="flex-end" mt={2} wrap="wrap">
        <Box w="200px">
          <Choice
            label="by"
            value={by}
            options={BY}
            onValue={(next) => setParams({ by: next }, { replace: true })}
          />
        </Box>
        <Box pb="34px">
          <ForOwners>
            <a className="plain-link" href={`/api/exchange/use.csv?by=${by}`} download>
              export use.csv
            </a>
          </ForOwners>
        </Box>
      </Flex>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="what was used" />}
      {data?.rows.length === 0 && (
        <Empty title="Nothing poured yet">What goes in is added up here from the first pour.</Empty>
      )}
      {data?.costs && data.costs.length > 0 && by === 'product' && <Costs costs={data.costs} />}
      {data && data.rows.length > 0 && <Drifts rows={data.rows} />}
      <Wasted />
    </Box>
  );
}

function Drifts({ rows }: { rows: Schemas['UseRow'][] }) {
  return (
    <Box as="section" aria-label="Drifts" mt={6}>
      <Text as="h2" textStyle="name" mb={2}>
        Asked and actual, the biggest drifts first
      </Text>
      {rows.map((row) => {
        return (
          <Grid
            key={`${row.of} ${row.material}`}
            templateColumns={{ base: '1fr 1fr', lg: '1.2fr 1.2fr 110px 120px 120px 120px 90px' }}
            columnGap={4}
            py={2}
            borderBottom="1px solid"
            borderColor="rule"
            alignItems="baseline"
          >
            <Text fontWeight={600}>
              {row.pieceId === undefined ? (
                row.of
              ) : (
                <Link className="plain-link" to={`/pieces/${row.pieceId}`}>
                  {row.of}
                </Link>
              )}
            </Text>
            <Text>{row.material}</Text>
            <Drift percent={row.driftPercent} />
            <Text color="quiet">{benchMass(Number(row.askedKg))} asked</Text>
            <Text>{benchMass(Number(row.actualKg))}</Text>
            <Text color="quiet">{benchMass(Number(row.perPieceKg))} a piece</Text>
            <Text color="quiet" textAlign="right">
              {row.cost === undefined ? '' : money(row.cost)}
            </Text>
          </Grid>
        );
      })}
    </Box>
  );
}

function Costs({ costs }: { costs: Schemas['ProductCost'][] }) {
  return (
    <Box as="section" aria-label="Costs" mt={2}>
      <Text as="h2" textStyle="name" mb={2}>
        What a good piece cost
      </Text>
      {costs.map((c) => (
        <Grid
          key={c.product}
          templateColumns={{ base: '1fr 1fr', lg: '1fr 90px 2.2fr 140px' }}
          columnGap={4}
          py={2}
          borderBottom="1px solid"
          borderColor="rule"
          alignItems="baseline"
        >
          <Text fontWeight={600}>{c.product}</Text>
          <Text textStyle="figure">{money(c.total)}</Text>
          <Text color="quiet">
            {money(c.materials)} material + {money(c.mouldWear)} mould + {money(c.goods)} goods +{' '}
            {money(c.labour)} work + {money(c.scrap)} for scrap
          </Text>
          <Text color="quiet" textAlign="right">
            sells at {money(c.price)}
          </Text>
        </Grid>
      ))}
    </Box>
  );
}
