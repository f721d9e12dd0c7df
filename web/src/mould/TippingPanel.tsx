import { Box, Flex, Text } from '@chakra-ui/react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf } from '../api/client';
import { suggestion } from '../kit/style/entry';
import { density, length, mass } from '../kit/style/units';
import { QuantityField } from '../kit/QuantityField';
import { Caution } from '../kit/States';
import { FigureRow } from '../kit/Why';
import { useQuantities } from '../kit/useQuantities';
import type { Mould } from '../server/useMoulds';
import { keyOf } from '../server/keys';
import { Wrong } from '../kit/Wrong';

/** How far the piece may be tilted, with what is mounted on it. */
export function TippingPanel({ mould }: { mould: Mould }) {
  const [fitting, setFitting] = useState(() => suggestion(0.3, 'mass'));
  const [height, setHeight] = useState(() => suggestion(250, 'length'));
  const [upsideDown, setUpsideDown] = useState(false);
  const [massKg, heightMm] = useQuantities([
    { text: fitting, dimension: 'mass' },
    { text: height, dimension: 'length' },
  ]);
  const { shape } = mould;
  const body = {
    cavity: shape.cavity,
    ...(shape.core && { core: shape.core }),
    coreLiftMm: shape.coreLiftMm,
    inserts: shape.inserts,
    moreCores: shape.moreCores,
    fittingMassKg: massKg ?? 0,
    fittingHeightMm: heightMm ?? 0,
    upsideDown,
  };
  const { data, error } = useQuery({
    queryKey: keyOf('tipping', body),
    queryFn: () => dataOf(client.POST('/api/calc/tipping', { body })),
    enabled: massKg !== undefined && heightMm !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  });
  return (
    <Box as="section" aria-label="Does it stand" mt={5} maxW="620px">
      <Text as="h2" textStyle="name">
        Does it stand?
      </Text>
      <Flex gap={3} wrap="wrap" alignItems="flex-end">
        <Box w="160px">
          <QuantityField
            label="fitting weight"
            text={fitting}
            onText={setFitting}
            dimension="mass"
          />
        </Box>
        <Box w="160px">
          <QuantityField
            label="height of its centre"
            text={height}
            onText={setHeight}
            dimension="length"
          />
        </Box>
        <label>
          <Flex minH="56px" alignItems="center" gap={2} pb="20px">
            <input
              type="checkbox"
              checked={upsideDown}
              onChange={(e) => setUpsideDown(e.target.checked)}
              style={{ width: 24, height: 24 }}
            />
            stands on its rim
          </Flex>
        </label>
      </Flex>
      {data?.tipAngleDeg !== undefined && (
        <FigureRow
          value={data.tipAngleDeg.toFixed(1)}
          unit="°"
          what="before it falls"
          short="reach ÷ height"
          alarm={data.warnings.length > 0}
        >
          {mass(data.massKg)} with its centre {length(data.centreOfMassMm)} up, the base’s edge{' '}
          {length(data.baseReachMm)} away: atan({length(data.baseReachMm)} ÷{' '}
          {length(data.centreOfMassMm)}). Statics; dry at {density(data.densityKgM3)}. A lamp should
          stand on a slope of 6° (EN IEC 60598-2-4; from memory).
        </FigureRow>
      )}
      {data?.warnings.map((w) => (
        <Text key={w.code} color="oxide" fontWeight={600} mt={2}>
          {w.message}
        </Text>
      ))}
      <Wrong error={error} mt={2} />
      {mould.family === 'lamps' && (
        <Box mt={3}>
          <Caution
            line="Electrical parts: a listed kit, fitted by a qualified person."
            more="The cable way must be clear and smooth, the piece dry, the fitting suited to its lamp’s heat. This page judges none of that."
          />
        </Box>
      )}
    </Box>
  );
}
