import { Box, Text } from '@chakra-ui/react';
import { useNavigate, useParams } from 'react-router';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { MixForm } from './MixForm';
import { type Kept, useRecipe, useRecipeActs } from './useRecipes';

const FRESH: Kept = {
  name: '',
  addition: 'colourInPowder',
  airPercent: 2,
  yieldFactor: 1,
  workingMinAt20C: 60,
  mixMin: 4,
  water: { leastPercent: 90, mostPercent: 110 },
  demouldAgeH: 24,
  sealAfterH: 168,
  retention: 0.967,
  parts: [],
};

export function NewMixPage() {
  useTitle('New mix');
  const { keep } = useRecipeActs();
  const navigate = useNavigate();
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1000px">
      <Text as="h1" textStyle="title" mb={4}>
        New mix
      </Text>
      <MixForm
        start={FRESH}
        saveWords="Keep this mix"
        save={async (body) => {
          const page = await keep.mutateAsync({ body });
          await navigate(`/mixes/${page.recipe.id}`);
        }}
      />
    </Box>
  );
}

/** The next version of a mix; the one before stays with the pours that used it. */
export function ChangeMixPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useRecipe(id);
  useTitle(data ? `Next version of ${data.recipe.name}` : 'Next version');
  const { keep } = useRecipeActs();
  const navigate = useNavigate();
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1000px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the mix" />}
      {data && (
        <>
          <Text as="h1" textStyle="title" mb={4}>
            {data.recipe.name}, version {data.recipe.versionNo + 1}
          </Text>
          <MixForm
            start={data.kept}
            saveWords="Keep as the next version"
            save={async (body) => {
              const page = await keep.mutateAsync({ before: data, body });
              await navigate(`/mixes/${page.recipe.id}?against=${data.recipe.id}`);
            }}
          />
        </>
      )}
    </Box>
  );
}
