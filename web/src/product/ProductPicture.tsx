import { Box, Text } from '@chakra-ui/react';
import { mass, volume } from '../kit/style/units';
import { SectionDrawing } from '../kit/SectionDrawing';
import type { Mould } from '../server/useMoulds';
import type { RecipeData } from '../server/useRecipes';

interface Props {
  mould: Mould | undefined;
  recipe: RecipeData | undefined;
  swatch: string | undefined;
}

/** What the form makes: the mould filled with the mix, and what a piece of it weighs. */
export function ProductPicture({ mould, recipe, swatch }: Props) {
  if (!mould) {
    return <Text color="quiet">Choose its mould, and it is drawn here.</Text>;
  }
  const litres = mould.capacityL / mould.shape.cavities;
  const wetKg = recipe ? (litres * recipe.freshDensityKgM3) / 1000 : undefined;
  return (
    <Box>
      <Box h="230px">
        <SectionDrawing
          section={mould.section}
          title={`Section of the ${mould.name} mould, to scale`}
          {...(swatch && { swatch })}
        />
      </Box>
      <Text textAlign="center" color="quiet">
        {volume(litres)}
        {wetKg !== undefined &&
          recipe &&
          ` · ${mass(wetKg)} wet, ${mass(wetKg * recipe.recipe.retention)} dry`}
      </Text>
    </Box>
  );
}
