import { Box, Text } from '@chakra-ui/react';
import { mass, volume } from '../kit/style/units';
import { SectionDrawing } from '../kit/SectionDrawing';
import { type Mould, usePieceSum } from '../server/useMoulds';
import type { RecipeData } from '../server/useRecipes';

interface Props {
  mould: Mould | undefined;
  recipe: RecipeData | undefined;
  swatch: string | undefined;
}

/** What the form makes: the mould filled with the mix, and what a piece of it weighs. */
export function ProductPicture({ mould, recipe, swatch }: Props) {
  const sum = usePieceSum(
    mould,
    recipe && { densityKgM3: recipe.freshDensityKgM3, retention: recipe.recipe.retention },
  ).data;
  if (!mould) {
    return <Text color="quiet">Choose its mould, and it is drawn here.</Text>;
  }
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
        {sum && volume(sum.capacityL)}
        {recipe && sum && ` · ${mass(sum.freshMassKg)} wet, ${mass(sum.dryMassKg)} dry`}
      </Text>
    </Box>
  );
}
