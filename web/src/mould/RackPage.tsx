import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { Link } from '../kit/Link';
import { Choice } from '../kit/Choice';
import { plural } from '../kit/format';
import { Empty, Failed, Loading } from '../kit/States';
import { LinkKey } from '../kit/Tabs';
import { TextField } from '../kit/TextField';
import { useTitle } from '../kit/useTitle';
import { useShelf } from '../server/useShelf';
import { useNow } from '../server/useWorkshop';
import { gatesByPour, isFree, type When, whens } from './free';
import { RackRow } from './RackRow';
import { useProducts } from '../server/useProducts';
import { useMoulds } from '../server/useMoulds';
import { FAMILIES, type Family } from './words';

/** All moulds as they hang on the rack, each copy by its state. */
export function RackPage() {
  useTitle('Moulds');
  const [params, setParams] = useSearchParams();
  const { data, error, refetch } = useMoulds();
  const { data: products } = useProducts();
  const { data: shelf } = useShelf();
  const now = useNow();
  const search = params.get('search') ?? '';
  const family = (params.get('family') ?? 'any') as Family | 'any';
  const when = (params.get('free') ?? 'any') as When;
  const set = (name: string, value: string, none: string) => {
    const next = new URLSearchParams(params);
    if (value === none) {
      next.delete(name);
    } else {
      next.set(name, value);
    }
    setParams(next, { replace: true });
  };
  const gates = gatesByPour(shelf?.groups ?? []);
  const productsOf = (mouldId: number) =>
    (products ?? []).filter((p) => p.product.mouldId === mouldId).map((p) => p.product.name);
  const rows = (data?.items ?? [])
    .filter((m) => family === 'any' || m.family === family)
    .filter((m) =>
      [m.name, ...productsOf(m.id), ...m.copies.map((c) => c.code)]
        .join(' ')
        .toLowerCase()
        .includes(search.toLowerCase()),
    )
    .map((mould) => ({
      mould,
      copies: mould.copies.filter((c) => isFree(c, when, gates, now)),
    }))
    .filter(({ copies }) => when === 'any' || copies.length > 0);
  const shown = rows.reduce((n, r) => n + r.copies.length, 0);
  return (
    <Box px={{ base: 4, md: 9 }} pt={7}>
      <Flex justifyContent="space-between" alignItems="baseline" wrap="wrap" gap={4}>
        <Text as="h1" textStyle="title">
          Moulds
        </Text>
        <Flex gap={5}>
          <Link className="plain-link" to="/scan">
            scan a label
          </Link>
          <Link className="plain-link" to="/moulds/new">
            describe a new mould
          </Link>
          <Link className="plain-link" to="/moulds/tables">
            import, export
          </Link>
        </Flex>
      </Flex>
      <Grid
        templateColumns={{ base: '1fr', md: 'repeat(3, 1fr)', xl: '260px 200px 240px 1fr' }}
        columnGap={3}
        mt={3}
      >
        <TextField
          label="mould, product or copy"
          text={search}
          onText={(t) => set('search', t, '')}
        />
        <Choice
          label="family"
          value={family}
          options={[['any', 'all families'] as const, ...FAMILIES]}
          onValue={(f) => set('family', f, 'any')}
        />
        <Choice
          label="show"
          value={when}
          options={whens()}
          onValue={(w) => set('free', w, 'any')}
        />
        <Text color="quiet" alignSelf="center">
          {data && `${plural(rows.length, 'mould')}, ${plural(shown, 'copy')}`}
        </Text>
      </Grid>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the moulds" />}
      {data?.items.length === 0 && (
        <Empty title="No moulds yet">
          They come with your first product, from a shape and its measures.
          <Flex mt={4} gap={3} wrap="wrap">
            <LinkKey main to="/products/new">
              Make the first product
            </LinkKey>
            <LinkKey to="/moulds/new">Describe the first</LinkKey>
            <LinkKey to="/moulds/tables">Import a table</LinkKey>
          </Flex>
        </Empty>
      )}
      {data && data.items.length > 0 && rows.length === 0 && (
        <Empty title="None of the moulds fits">Ask for less, or clear the search.</Empty>
      )}
      {rows.map(({ mould, copies }) => (
        <RackRow key={mould.id} mould={mould} copies={copies} />
      ))}
    </Box>
  );
}
