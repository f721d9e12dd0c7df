import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { Link } from '../kit/Link';
import { Failed, Key, Loading } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useTitle } from '../kit/useTitle';
import { ROLES } from './roles';
import {
  type StartingMaterial,
  useStartingMaterials,
  useStock,
  useStockActs,
} from '../server/useStock';
import { density } from '../kit/style/units';
import { Wrong } from '../kit/Wrong';

/** All materials that ship, by what they do, to be taken into the shop. */
export function TakePage() {
  useTitle('Shipped materials');
  const { data, error, refetch } = useStartingMaterials();
  const { data: stock } = useStock();
  const acts = useStockActs();
  const [params, setParams] = useSearchParams();
  const search = params.get('search') ?? '';
  const rows = (data ?? []).filter((m) => m.name.toLowerCase().includes(search.toLowerCase()));
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      <Text as="h1" textStyle="title">
        Shipped materials
      </Text>
      <Text color="quiet">
        Classes of material with values to start from; every value can be changed once it is yours.
        One that is not here:{' '}
        <Link className="plain-link" to="/stock/new">
          make your own
        </Link>
        .
      </Text>
      <Box w="280px" mt={2}>
        <TextField
          label="material"
          text={search}
          onText={(t) => setParams(t ? { search: t } : {}, { replace: true })}
        />
      </Box>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the shipped materials" />}
      <Wrong error={acts.take.error} />
      {ROLES.map(([role, name]) => {
        const own = rows.filter((m) => m.role === role);
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
            {own.map((m) => (
              <Row
                key={m.code}
                material={m}
                ownId={
                  stock?.find((s) => s.material.code === m.code && !s.material.retired)?.material.id
                }
                busy={acts.take.isPending && acts.take.variables === m.code}
                onTake={() => acts.take.mutate(m.code)}
              />
            ))}
          </Box>
        );
      })}
    </Box>
  );
}

interface RowProps {
  material: StartingMaterial;
  ownId: number | undefined;
  busy: boolean;
  onTake: () => void;
}

function Row({ material, ownId, busy, onTake }: RowProps) {
  return (
    <Grid
      templateColumns={{ base: '1fr auto', md: '1.2fr 150px 1.6fr 150px' }}
      columnGap={5}
      py={2}
      alignItems="center"
      borderBottom="1px solid"
      borderColor="rule"
    >
      <Text fontWeight={600}>{material.name}</Text>
      <Text color="quiet" display={{ base: 'none', md: 'block' }}>
        {material.pack || 'loose'}
      </Text>
      <Text textStyle="small" color="quiet" display={{ base: 'none', md: 'block' }}>
        {material.relativeDensity} against water, {density(material.bulkDensityKgM3)} loose ·{' '}
        {material.source}
      </Text>
      <Flex justifyContent="flex-end">
        {ownId === undefined ? (
          <Key busy={busy} onClick={onTake}>
            Take it
          </Key>
        ) : (
          <Link className="plain-link" to={`/stock/${ownId}`} style={{ padding: '16px 0' }}>
            yours
          </Link>
        )}
      </Flex>
    </Grid>
  );
}
