import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { Link } from '../kit/Link';
import { counted, plural } from '../kit/format';
import { money } from '../kit/style/money';
import { LinkKey } from '../kit/Tabs';
import { SmallSection } from '../kit/SmallSection';
import { Empty, Failed, Loading } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useTitle } from '../kit/useTitle';
import { Missing } from '../missing/Missing';
import { familyName } from '../mould/words';
import { type ProductCard, useProductCards } from '../server/useProducts';

/** Everything that is sold, standing in its colours. */
export function ProductsPage() {
  useTitle('Products');
  const [params, setParams] = useSearchParams();
  const search = params.get('search') ?? '';
  const { data, error, refetch } = useProductCards();
  const rows = (data ?? []).filter((p) =>
    [p.name, p.mould, p.recipe, ...p.colours.map((c) => c.name)]
      .join(' ')
      .toLowerCase()
      .includes(search.toLowerCase()),
  );
  return (
    <Box px={{ base: 4, md: 9 }} pt={7}>
      <Flex justifyContent="space-between" alignItems="center" gap={4} wrap="wrap">
        <Text as="h1" textStyle="title">
          Products
        </Text>
        <LinkKey to="/products/new">New product</LinkKey>
      </Flex>
      {data && data.length > 0 && (
        <Box w="280px" mt={2}>
          <TextField
            label="product, mould, recipe or colour"
            text={search}
            onText={(t) => setParams(t ? { search: t } : {}, { replace: true })}
          />
        </Box>
      )}
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the products" />}
      {data?.length === 0 && (
        <Empty title="No products yet">
          A product is a mould, a recipe and its colours. Start from a shape, and the rest follows.
          <Box mt={4}>
            <LinkKey main to="/products/new">
              Make the first
            </LinkKey>
          </Box>
        </Empty>
      )}
      {data && data.length > 0 && rows.length === 0 && (
        <Empty title="No product fits">Search for less.</Empty>
      )}
      {rows.map((p) => (
        <Row key={p.id} card={p} />
      ))}
      {data && data.length > 0 && <Missing most={8} />}
    </Box>
  );
}

function Row({ card }: { card: ProductCard }) {
  const left =
    card.cost === undefined || card.price === undefined ? undefined : card.price - card.cost;
  return (
    <Grid
      as="section"
      aria-label={card.name}
      templateColumns="repeat(auto-fit, minmax(min(100%, 230px), 1fr))"
      columnGap={6}
      alignItems="end"
      borderBottom="5px solid"
      borderColor="steel"
      pt={4}
      _hover={{ bg: 'panel' }}
    >
      <Box pb={3} alignSelf="center" minW={0}>
        <Link to={`/products/${card.id}`}>
          <Text textStyle="name">{card.name}</Text>
        </Link>
        <Text textStyle="small" color="quiet">
          {familyName(card.family)} · {card.recipe}
        </Text>
        <Text textStyle="small" color="quiet">
          <Link to={`/moulds/${card.mouldId}`}>
            {card.mould}, {plural(card.copies, 'copy')}
          </Link>
        </Text>
        {card.toPour > 0 && (
          <Text textStyle="small" fontWeight={600}>
            {counted(card.toPour, 'piece')} to pour
          </Text>
        )}
      </Box>
      <Flex wrap="wrap" gap={4} alignItems="end" minW={0}>
        {card.colours.length === 0 && (
          <Text color="quiet" pb={3}>
            no colour yet
          </Text>
        )}
        {card.colours.map((c) => (
          <Box key={c.colourwayId} w="92px" textAlign="center">
            <Text textStyle="small">{c.name}</Text>
            <Text textStyle="small" color="quiet" minH="19px">
              {stands(c)}
            </Text>
            <Box h="58px" opacity={c.ready + c.curing + c.inMould > 0 ? 1 : 0.55}>
              <SmallSection
                section={card.section}
                filled
                swatch={c.swatch}
                title={`${card.name} in ${c.name}`}
              />
            </Box>
          </Box>
        ))}
      </Flex>
      <Flex gap={2} pb={3} wrap="wrap" justifyContent={{ md: 'flex-end' }} minW={0}>
        {card.price !== undefined && (
          <>
            <Figure value={money(card.price)} what="price" />
            <Figure
              value={card.cost === undefined ? '–' : money(card.cost)}
              what={card.isEstimate ? 'to make, about' : 'to make'}
            />
          </>
        )}
        {left !== undefined && (
          <Figure value={money(left)} what="left" {...(left < 0 && { alarm: true })} />
        )}
      </Flex>
    </Grid>
  );
}

/** Where the pieces of a colour are, in a few words. */
export function stands(c: { ready: number; curing: number; inMould: number }): string {
  return (
    [
      c.ready > 0 && `${c.ready} ready`,
      c.curing > 0 && `${c.curing} curing`,
      c.inMould > 0 && `${c.inMould} in moulds`,
    ]
      .filter(Boolean)
      .join(', ') || 'none'
  );
}

function Figure({ value, what, alarm }: { value: string; what: string; alarm?: boolean }) {
  return (
    <Box textAlign="right" w="86px">
      <Text textStyle="figure" fontSize="24px" color={alarm ? 'oxide' : 'ink'}>
        {value}
      </Text>
      <Text textStyle="small" color="quiet">
        {what}
      </Text>
    </Box>
  );
}
