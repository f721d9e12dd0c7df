import { Box, Grid, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf } from '../api/client';
import { Choice } from '../kit/Choice';
import { useReading } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { useStartingMaterials, useStock } from '../server/useStock';
import { useMouldSum, useMoulds } from '../server/useMoulds';
import { useRecipes } from '../server/useRecipes';
import { density, fromUnit, length, mass } from '../kit/style/units';
import { keyOf } from '../server/keys';
import { Wrong } from '../kit/Wrong';

/** Whether so much wet mix fits a mould, and how much denser or lighter it would have to be. */
export function Fits({ freshKg }: { freshKg: number }) {
  const { data: moulds } = useMoulds();
  const { data: recipes } = useRecipes();
  const { data: stock } = useStock();
  const { data: shipped } = useStartingMaterials();
  const [mouldId, setMouldId] = useState('');
  const [recipeId, setRecipeId] = useState('');
  const [least, setLeast] = useState('');
  const leastMm = useReading(least, 'length').data?.value;
  const mould = moulds?.items.find((m) => String(m.id) === mouldId);
  const mixKgM3 = recipes?.find((r) => String(r.recipe.firstId) === recipeId)?.freshDensityKgM3;
  const { data: sum } = useMouldSum(
    mould,
    mould?.shape.coreOffsetMm ?? 0,
    mixKgM3,
    mixKgM3 !== undefined,
  );
  const { data: fits } = useQuery({
    queryKey: keyOf('mould-fit', freshKg, mould?.capacityL, mixKgM3, sum?.fillPerMmKg, leastMm),
    queryFn: () =>
      dataOf(
        client.POST('/api/calc/mould-fit', {
          body: {
            freshKg,
            capacityL: mould?.capacityL ?? 0,
            mixKgM3: mixKgM3 ?? 0,
            ...(sum?.fillPerMmKg && { fillPerMmKg: sum.fillPerMmKg }),
            ...(leastMm && { leastMm }),
          },
        }),
      ),
    enabled: mould !== undefined && mixKgM3 !== undefined,
    retry: false,
  });
  const over = fits?.over ?? false;
  const thin = fits?.thin ?? false;
  const wantedKgM3 = fits?.wantedKgM3;
  const grain = over ? 'barytes' : 'perlite';
  const grainRelativeDensity = [...(stock ?? []).map((s) => s.material), ...(shipped ?? [])].find(
    (m) => m.code === grain,
  )?.relativeDensity;
  const fit = useQuery({
    queryKey: keyOf('density-fit', mixKgM3, wantedKgM3, grainRelativeDensity),
    queryFn: () =>
      dataOf(
        client.POST('/api/calc/density-fit', {
          body: {
            mixKgM3: mixKgM3 ?? 0,
            wantedKgM3: wantedKgM3 ?? 0,
            grainRelativeDensity: grainRelativeDensity ?? 0,
          },
        }),
      ),
    enabled: wantedKgM3 !== undefined && grainRelativeDensity !== undefined,
    retry: false,
  });
  const onePart = fromUnit(1, 'mass');
  return (
    <Box mt={3}>
      <Grid templateColumns={{ base: '1fr', md: 'repeat(3, minmax(0, 220px))' }} columnGap={4}>
        <Choice
          label="does it fit"
          value={mouldId}
          options={[
            ['', 'choose a mould'] as const,
            ...(moulds?.items ?? []).map((m) => [String(m.id), m.name] as const),
          ]}
          onValue={setMouldId}
        />
        <Choice
          label="recipe"
          value={recipeId}
          options={[
            ['', 'choose a recipe'] as const,
            ...(recipes ?? []).map((r) => [String(r.recipe.firstId), r.recipe.name] as const),
          ]}
          onValue={setRecipeId}
        />
        <QuantityField
          label="never thinner than"
          text={least}
          onText={setLeast}
          dimension="length"
        />
      </Grid>
      {fits && (
        <Text fontWeight={600} color={over || thin ? 'ochre' : 'moss'}>
          {over
            ? `It does not fit: the mould holds ${mass(fits.fullKg)} of this mix.`
            : `It fits: ${mass(fits.fullKg)} go in full${fits.heightMm === undefined ? '' : `, this fills it about ${length(fits.heightMm)} high`}.`}
          {thin && ' That is thinner than it may be.'}
        </Text>
      )}
      {fit.data && (
        <Text>
          A mix of {density(wantedKgM3 ?? 0)} does it: {(fit.data.volumeShare * 100).toFixed(0)} %
          of its volume {grain}, {mass(fit.data.grainPerMixKg * onePart)} to each {mass(onePart)} of
          the mix as it is. Try its strength on a small piece first.
        </Text>
      )}
      <Wrong error={fit.error} />
    </Box>
  );
}
