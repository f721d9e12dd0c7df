import { Box, Flex, Text } from '@chakra-ui/react';
import { plural } from '../kit/format';
import { figures } from '../kit/style/number';
import { day } from '../kit/style/time';
import { Empty, Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { inUnit, mass, unitOf } from '../kit/style/units';
import { money } from '../kit/style/money';
import { type Need, type Needs, useNeeds } from '../server/useNeeds';
import { ForOwners } from '../kit/ForOwners';

const WEEKS = 8;

/** What the plan uses, week by week, against stock: what to buy, and by when. */
export function NeedsPage() {
  useTitle('What to buy');
  const { data, error, refetch } = useNeeds();
  const buying = data?.materials.filter((m) => m.purchases.length > 0) ?? [];
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1160px">
      <Flex justifyContent="space-between" gap={4} wrap="wrap" alignItems="baseline">
        <Text as="h1" textStyle="title">
          What to buy
        </Text>
        <ForOwners>
          <a className="plain-link" href="/api/needs.csv" download>
            export shopping-list.csv
          </a>
        </ForOwners>
      </Flex>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the needs" />}
      {data && buying.length === 0 && (
        <Empty title="Nothing has to be bought">
          {data.materials.length > 0
            ? 'The stock is enough for all that is planned.'
            : 'Nothing is planned yet. Lay the plan out first.'}
        </Empty>
      )}
      {buying.length > 0 && data && (
        <Box as="section" aria-label="Shopping list" mt={4}>
          {data.cost !== undefined && (
            <Text color="quiet" mb={2}>
              {money(data.cost)} in all, as far as prices are known
            </Text>
          )}
          {buying.map((m) => (
            <Purchases key={m.materialId} need={m} />
          ))}
        </Box>
      )}
      {data && data.materials.length > 0 && <Weeks needs={data} />}
    </Box>
  );
}

function Purchases({ need }: { need: Need }) {
  return (
    <Box py={3} borderTop="1px solid" borderColor="rule">
      <Text textStyle="name">{need.material}</Text>
      {need.purchases.map((p) => (
        <Text key={p.neededOn}>
          <Text as="span" fontWeight={600}>
            {p.packs > 0
              ? `${plural(p.packs, 'pack')} of ${mass(need.packKg ?? 0)}`
              : mass(p.massKg)}
          </Text>
          , needed on {day(p.neededOn)}
          {': '}
          <Text as="span" color={p.late ? 'oxide' : 'ink'} fontWeight={p.late ? 600 : 400}>
            {p.late
              ? `order now: it takes ${plural(need.leadDays, 'day')}`
              : `order by ${day(p.orderBy)}`}
          </Text>
          {p.price ? `, ${money(p.price)}` : ''}
        </Text>
      ))}
      {need.staleKg > 0.05 && (
        <Text color="ochre">{mass(need.staleKg)} of the stock goes stale before it is used.</Text>
      )}
    </Box>
  );
}

function Weeks({ needs }: { needs: Needs }) {
  const weeks = needs.weeks.slice(0, WEEKS);
  return (
    <Box mt={8} overflowX="auto" tabIndex={0} role="region" aria-label="Use by week">
      <Box as="table" w="100%" style={{ borderCollapse: 'collapse' }}>
        <thead>
          <tr>
            <Box as="th" textAlign="left" py={2}>
              {unitOf('mass')}, week from
            </Box>
            <Box as="th" textAlign="right">
              in stock
            </Box>
            {weeks.map((w) => (
              <Box as="th" key={w} textAlign="right" fontWeight={500} whiteSpace="nowrap" pl={4}>
                {day(w)}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {needs.materials.map((m) => (
            <Box as="tr" key={m.materialId} borderTop="1px solid" borderColor="rule">
              <Box as="td" py={2}>
                {m.material}
              </Box>
              <Box as="td" textAlign="right" fontWeight={600} color={m.shortOn ? 'oxide' : 'ink'}>
                {figures(inUnit(m.stockKg, 'mass'))}
              </Box>
              {weeks.map((w, i) => (
                <Box as="td" key={w} textAlign="right" pl={4}>
                  {(m.useKg[i] ?? 0) > 0 ? figures(inUnit(m.useKg[i] ?? 0, 'mass')) : ''}
                </Box>
              ))}
            </Box>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
