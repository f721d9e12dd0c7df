import { Box, Grid, Text } from '@chakra-ui/react';
import { Fragment } from 'react';
import { Loading } from '../kit/States';
import { type RecipeData, useRecipe } from '../server/useRecipes';
import { amountWords } from './words';
import { density } from '../kit/style/units';
import { pricePerVolume } from '../kit/style/money';

interface Row {
  what: string;
  here: string;
  there: string;
}

function rows(here: RecipeData, there: RecipeData): Row[] {
  const amount = (page: RecipeData, materialId: number) => {
    const part = page.kept.parts.find((p) => p.materialId === materialId);
    return part ? amountWords(part) : 'none';
  };
  const names = new Map([...here.lines, ...there.lines].map((l) => [l.materialId, l.material]));
  const pair = (what: string, of: (page: RecipeData) => string): Row => ({
    what,
    here: of(here),
    there: of(there),
  });
  return [
    ...[...names].map(([id, name]) => pair(name, (p) => amount(p, id))),
    pair('wet density', (p) => density(p.freshDensityKgM3)),
    pair('water to binder', (p) => p.waterBinderRatio.toFixed(3)),
    pair('cost', (p) => (p.costPerL === undefined ? 'not known' : pricePerVolume(p.costPerL))),
    pair('working time', (p) => `${p.recipe.workingMinAt20C} min`),
    pair('out of the mould', (p) => `${p.recipe.demouldAgeH} h`),
    pair('air', (p) => `${p.kept.airPercent ?? 0} %`),
  ];
}

/** Two versions side by side; what differs stands out. */
export function Compare({ page, againstId }: { page: RecipeData; againstId: string }) {
  const { data } = useRecipe(againstId);
  if (!data) {
    return <Loading what="the other version" />;
  }
  return (
    <Box as="section" aria-label="Two versions" mt={5} maxW="760px">
      <Grid templateColumns="1.2fr 1fr 1fr" columnGap={5} rowGap={1}>
        <span />
        <Text textStyle="label">version {data.recipe.versionNo}</Text>
        <Text textStyle="label">version {page.recipe.versionNo}</Text>
        {rows(page, data).map((row) => {
          const same = row.here === row.there;
          return (
            <Fragment key={row.what}>
              <Text color={same ? 'quiet' : 'ink'}>{row.what}</Text>
              <Text color={same ? 'quiet' : 'ink'}>{row.there}</Text>
              <Text color={same ? 'quiet' : 'ink'} fontWeight={same ? 400 : 600}>
                {same ? '=' : row.here}
              </Text>
            </Fragment>
          );
        })}
      </Grid>
    </Box>
  );
}
