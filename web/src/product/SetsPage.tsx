import { Box, Flex, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { Link } from '../kit/Link';
import { client, dataOf } from '../api/client';
import { MeasureField } from '../kit/MeasureField';
import { Failed, Loading } from '../kit/States';
import { bareEntry } from '../kit/style/entry';
import { valueIn } from '../kit/style/read';
import { benchMass } from '../kit/style/bench';
import { TextField } from '../kit/TextField';
import { plural } from '../kit/format';
import { useTitle } from '../kit/useTitle';
import { SetsDrawing } from './SetsDrawing';
import { type ProductSheet, useProductSheet } from '../server/useProducts';
import { keyOf } from '../server/keys';
import { Wrong } from '../kit/Wrong';

/** Without a tolerance of its own, masses within so many parts of a hundred go together. */
const USUAL_SHARE = 0.02;

/** Pairs and sets of a product’s ready pieces that weigh alike. */
export function SetsPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useProductSheet(id);
  useTitle(data ? `Sets of ${data.card.name}` : 'Sets');
  return (
    <Box px={{ base: 4, md: 9 }} pt={6} maxW="1160px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the product" />}
      {data && <Sets sheet={data} />}
    </Box>
  );
}

function Sets({ sheet }: { sheet: ProductSheet }) {
  const { card, product } = sheet;
  const usualKg = product.target?.toleranceKg || Number(sheet.masses[0]?.massKg ?? 1) * USUAL_SHARE;
  const [size, setSize] = useState('2');
  const [within, setWithin] = useState(() => bareEntry(usualKg, 'mass'));
  const toleranceKg = valueIn(within, 'mass');
  const of = Number(size);
  const asked = Number.isInteger(of) && of >= 2 && of <= 100 && toleranceKg !== undefined;
  const { data, error } = useQuery({
    queryKey: keyOf('sets', card.id, of, toleranceKg),
    enabled: asked && toleranceKg >= 0,
    queryFn: () =>
      dataOf(
        client.GET('/api/products/{id}/sets', {
          params: { path: { id: card.id }, query: { size: of, toleranceKg: toleranceKg ?? 0 } },
        }),
      ),
    placeholderData: (before) => before,
  });
  const colourOf = (shade: string) => card.colours.find((c) => String(c.colourwayId) === shade);
  const pieces = data ? data.sets.length * of + data.left.length : 0;
  return (
    <>
      <Text as="h1" textStyle="title">
        Sets of{' '}
        <Link className="plain-link" to={`/products/${card.id}`}>
          {card.name}
        </Link>
      </Text>
      <Text color="quiet">
        Ready pieces that were weighed alone and go nowhere yet; pieces of one colour go together.
      </Text>
      <Flex gap={4} mt={3} wrap="wrap">
        <Box w="120px">
          <TextField
            label="pieces in a set"
            text={size}
            onText={setSize}
            problem={of >= 2 && of <= 100 ? undefined : '2 to 100'}
          />
        </Box>
        <Box w="170px">
          <MeasureField label="alike within" measure="mass" text={within} onText={setWithin} />
        </Box>
      </Flex>
      <Wrong error={error} />
      {data && pieces === 0 && (
        <Text>No ready piece of it was weighed alone. Weigh pieces as they are inspected.</Text>
      )}
      {data && pieces > 0 && (
        <>
          <SetsDrawing
            matching={data}
            swatchOf={(shade) => colourOf(shade)?.swatch ?? 'currentColor'}
          />
          <Text role="status" fontSize="20px" fontWeight={600} my={2}>
            {plural(data.sets.length, of === 2 ? 'pair' : 'set')},{' '}
            {plural(data.left.length, 'piece')} left over.
          </Text>
          {data.sets.map((set, i) => (
            <Flex
              key={i}
              gap={5}
              py={2}
              borderTop="1px solid"
              borderColor="rule"
              wrap="wrap"
              aria-label={`${of === 2 ? 'Pair' : 'Set'} ${i + 1}`}
              role="group"
            >
              {set.items.map((piece) => (
                <Text key={piece.id}>
                  <Link className="plain-link" to={`/pieces/${piece.id}`}>
                    {piece.id}
                  </Link>{' '}
                  <b>{benchMass(piece.massKg)}</b>
                </Text>
              ))}
              <Text color="quiet">
                {colourOf(set.items[0]?.shade ?? '')?.name}, {benchMass(set.spreadKg)} apart
              </Text>
            </Flex>
          ))}
          {data.left.length > 0 && (
            <Text mt={3} color="quiet">
              Left over: {data.left.map((p) => `${p.id} (${benchMass(p.massKg)})`).join(', ')}
            </Text>
          )}
        </>
      )}
    </>
  );
}
