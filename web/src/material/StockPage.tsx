import { Box, Flex, Text } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { Link } from '../kit/Link';
import { Empty, Failed, Loading } from '../kit/States';
import { LinkKey } from '../kit/Tabs';
import { TextField } from '../kit/TextField';
import { day } from '../kit/style/time';
import { useTitle } from '../kit/useTitle';
import { type Needs, useNeeds } from '../server/useNeeds';
import { MaterialRow } from './MaterialRow';
import { ROLES } from './roles';
import { useStock } from '../server/useStock';

/** What is bought and used up: what is left of it, lot by lot. */
export function StockPage() {
  useTitle('Stock');
  const { data, error, refetch } = useStock();
  const needs = useNeeds();
  const [params, setParams] = useSearchParams();
  const search = params.get('search') ?? '';
  const rows = (data ?? [])
    .filter((s) => !s.material.retired || Number(s.remainingKg) !== 0)
    .filter((s) => s.material.name.toLowerCase().includes(search.toLowerCase()));
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      <Flex justifyContent="space-between" alignItems="center" gap={4} wrap="wrap">
        <Text as="h1" textStyle="title">
          Stock
        </Text>
        <Flex gap={3} alignItems="center">
          <Link className="plain-link" to="/stock/use">
            what was used, and what it cost
          </Link>
          <LinkKey to="/stock/new">Own material</LinkKey>
          <LinkKey to="/stock/take">Shipped materials</LinkKey>
        </Flex>
      </Flex>
      {needs.data && <Text color="quiet">{enough(needs.data)}</Text>}
      {data && data.length > 0 && (
        <Box w="280px" mt={2}>
          <TextField
            label="material"
            text={search}
            onText={(t) => setParams(t ? { search: t } : {}, { replace: true })}
          />
        </Box>
      )}
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the stock" />}
      {data && rows.length === 0 && (
        <Empty title={search ? 'No material of that name' : 'No materials yet'}>
          {search
            ? 'Search by part of its name.'
            : 'They come with the recipe of your first product, or one by one from those that ship.'}
          {!search && (
            <Flex mt={4} gap={3}>
              <LinkKey main to="/products/new">
                Make the first product
              </LinkKey>
              <LinkKey to="/stock/take">Shipped materials</LinkKey>
            </Flex>
          )}
        </Empty>
      )}
      {ROLES.map(([role, name]) => {
        const own = rows.filter((s) => s.material.role === role);
        return own.length === 0 ? null : (
          <Box key={role} mt={5}>
            <Text
              as="h2"
              textStyle="label"
              fontSize="20px"
              borderBottom="4px solid"
              borderColor="steel"
            >
              {name}
            </Text>
            {own.map((stock) => (
              <MaterialRow
                key={`${stock.material.id} ${stock.material.version}`}
                stock={stock}
                need={needs.data && needOf(needs.data, stock.material.id)}
              />
            ))}
          </Box>
        );
      })}
    </Box>
  );
}

/** What the plan takes of a material; null where it takes none. */
function needOf({ materials }: Needs, materialId: number) {
  return materials.find((n) => n.materialId === materialId) ?? null;
}

/** What the page comes to, in a sentence. */
function enough({ materials }: Needs): string {
  const short = materials
    .flatMap((m) => (m.shortOn ? [{ name: m.material, on: m.shortOn }] : []))
    .sort((a, b) => a.on.localeCompare(b.on))[0];
  if (materials.length === 0) {
    return 'Nothing is planned, so nothing is used up yet.';
  }
  return short
    ? `Enough for all that is planned until ${day(short.on)}; then ${short.name.toLowerCase()} runs out.`
    : 'Enough for all that is planned.';
}
