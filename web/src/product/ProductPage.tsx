import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useParams } from 'react-router';
import { Link } from '../kit/Link';
import { plural } from '../kit/format';
import { money } from '../kit/style/money';
import { length, mass, volume } from '../kit/style/units';
import { LinkKey } from '../kit/Tabs';
import { SectionDrawing } from '../kit/SectionDrawing';
import { SmallSection } from '../kit/SmallSection';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { Missing } from '../missing/Missing';
import { familyName } from '../mould/words';
import { CostBar } from './CostBar';
import { MassChart } from './MassChart';
import { stands } from './ProductsPage';
import { RouteStrip } from './RouteStrip';
import { Takes, Wanted } from './WantedRows';
import { type ProductSheet, useProductSheet } from '../server/useProducts';

/** One product: its section, its colours, its money, its route, who wants it. */
export function ProductPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useProductSheet(id);
  useTitle(data ? data.card.name : 'Product');
  return (
    <Box px={{ base: 4, md: 9 }} pt={6}>
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the product" />}
      {data && <Whole sheet={data} />}
    </Box>
  );
}

function Whole({ sheet }: { sheet: ProductSheet }) {
  const { card } = sheet;
  const first = card.colours[0];
  return (
    <>
      <Flex justifyContent="space-between" gap={4} wrap="wrap">
        <Box>
          <Text as="h1" textStyle="title">
            {card.name}
          </Text>
          <Text color="quiet">
            {familyName(card.family)} · {card.mould}, {plural(card.copies, 'copy')} · {card.recipe}
            {card.price === undefined ? '' : ` · sold for ${money(card.price)}`}
          </Text>
        </Box>
        <Flex gap={3}>
          <LinkKey to={`/products/${card.id}/change`}>Change</LinkKey>
          {first && (
            <LinkKey main to={`/pour?stock=${card.id}-${first.colourwayId}`}>
              Pour some
            </LinkKey>
          )}
        </Flex>
      </Flex>
      <Missing about={`product-${card.id}`} />
      <Grid templateColumns={{ base: '1fr', lg: '350px 1fr' }} columnGap={9} mt={3}>
        <Left sheet={sheet} />
        <Box>
          <CostBar sheet={sheet} />
          <RouteStrip sheet={sheet} />
          <Wanted sheet={sheet} />
          <MassChart sheet={sheet} />
          <Takes sheet={sheet} />
        </Box>
      </Grid>
    </>
  );
}

function Left({ sheet }: { sheet: ProductSheet }) {
  const { card, section } = sheet;
  const swatch = card.colours[0]?.swatch;
  return (
    <Box>
      <Box h={section.rimMm < (section.outer[0]?.rMm ?? 0) ? '150px' : '270px'}>
        <SectionDrawing
          section={section}
          callouts
          title={`Section of ${card.name}, to scale`}
          {...(swatch && { swatch })}
        />
      </Box>
      <Text textAlign="center" color="quiet">
        {mass(sheet.dryKg)} dry
        {sheet.vesselL > 0 && ` · holds ${volume(sheet.vesselL)}`}
        {sheet.thinnestWallMm !== undefined && ` · wall ${length(sheet.thinnestWallMm)}`}
      </Text>
      {sheet.warnings.map((w) => (
        <Text key={w.code + w.field} color="ochre" fontWeight={600} mt={2}>
          {w.message}
        </Text>
      ))}
      <Flex
        wrap="wrap"
        gap={3}
        mt={6}
        justifyContent="space-around"
        alignItems="end"
        borderBottom="6px solid"
        borderColor="steel"
      >
        {card.colours.map((c) => (
          <Box key={c.colourwayId} w="88px" h="66px" opacity={c.ready + c.inMould > 0 ? 1 : 0.55}>
            <SmallSection section={section} filled swatch={c.swatch} title={c.name} />
          </Box>
        ))}
      </Flex>
      <Flex wrap="wrap" gap={3} justifyContent="space-around" textAlign="center">
        {card.colours.map((c) => (
          <Box key={c.colourwayId} w="88px">
            <Text textStyle="label">{c.name}</Text>
            <Text textStyle="small" color="quiet">
              {stands(c)}
            </Text>
          </Box>
        ))}
      </Flex>
      <Text textStyle="name" mt={6}>
        From here
      </Text>
      <Flex gap={4} wrap="wrap">
        <Link className="plain-link" to={`/moulds/${card.mouldId}`}>
          the mould
        </Link>
        <Link className="plain-link" to={`/recipes/${sheet.product.recipeId}`}>
          the recipe
        </Link>
        <Link className="plain-link" to={`/products/${card.id}/route`}>
          the route
        </Link>
        <Link
          className="plain-link"
          to={`/orders/new?goods=${card.id}-${card.colours[0]?.colourwayId ?? ''}`}
        >
          an order
        </Link>
      </Flex>
    </Box>
  );
}
