import { Box, Flex, Text } from '@chakra-ui/react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { client, dataOf, messageOf, type Schemas } from '../api/client';
import { numberIn } from '../kit/format';
import { density, handful, mass } from '../kit/style/units';
import { type PartDraft, useMixMaterials } from './PartRows';
import { keyOf } from '../server/keys';

interface Props {
  parts: PartDraft[];
  airPercent: number;
  yieldFactor: number;
  batchYieldL: number;
}

/** What a litre of the mix is as it is being written. */
export function OneLitre({ parts, airPercent, yieldFactor, batchYieldL }: Props) {
  const materials = useMixMaterials();
  const { litres, word } = handful();
  const ingredients = parts.flatMap((p) => {
    const known = materials.find((m) => m.id === p.id)?.known;
    const amount = numberIn(p.amount);
    return known && Number.isFinite(amount) && amount > 0
      ? [
          {
            name: known.name,
            role: known.role,
            basis: p.basis,
            amount,
            relativeDensity: known.relativeDensity,
            bulkDensityKgM3: known.bulkDensityKgM3,
            cementPercent: known.role === 'binder' ? known.cementPercent : 100,
            solidsPercent: known.solidsPercent,
          },
        ]
      : [];
  });
  const body: Schemas['BatchRequest'] = {
    recipe: {
      ingredients,
      ...(Number.isFinite(airPercent) && { airPercent }),
      ...(yieldFactor > 0 && { yieldFactor }),
      ...(batchYieldL > 0 && { batchYieldL }),
    },
    neededL: litres,
  };
  const settled = useDeferredValue(body);
  const { data, error } = useQuery({
    queryKey: keyOf('mix-litre', settled),
    queryFn: () => dataOf(client.POST('/api/calc/batch', { body: settled })),
    enabled: ingredients.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
  });
  return (
    <Box
      as="aside"
      aria-label={`A ${word} of it`}
      borderLeft="4px solid"
      borderColor="steel"
      pl={4}
    >
      <Text textStyle="label">A {word} of it</Text>
      {ingredients.length === 0 && <Text color="quiet">Choose its parts.</Text>}
      {error && (
        <Text color="ochre" fontWeight={600}>
          {messageOf(error)}
        </Text>
      )}
      {data?.lines.map((l) => (
        <Flex key={l.name} justifyContent="space-between" gap={3}>
          <Text>{l.name}</Text>
          <Text textStyle="label">{mass(l.massKg)}</Text>
        </Flex>
      ))}
      {data && (
        <Text color="quiet" mt={2}>
          {density(data.freshDensityKgM3)} wet, water to binder {data.waterBinderRatio.toFixed(2)}
          {data.pigmentPercentOfBinder > 0 &&
            `, pigment ${data.pigmentPercentOfBinder.toFixed(1)} % of the cement`}
        </Text>
      )}
      {data?.warnings.map((w) => (
        <Text key={w.code} color="ochre" fontWeight={600}>
          {w.message}
        </Text>
      ))}
    </Box>
  );
}
