import { Box, Text } from '@chakra-ui/react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import type { Schemas } from '../api/client';
import { Choice } from '../kit/Choice';
import { Failed, Loading } from '../kit/States';
import { type Stock, useStock } from '../server/useStock';
import { useTitle } from '../kit/useTitle';
import { RecipeForm } from './RecipeForm';
import { type Kept, useRecipe, useRecipeActs, useStartingRecipes } from '../server/useRecipes';

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

/** A shipped recipe as one to be changed; its materials come into the shop with it. */
function keptOf(start: Schemas['StartingRecipe'], stock: Stock[]): Kept {
  const { parts, name, ...rest } = start;
  const known = Object.fromEntries(
    Object.entries(rest).filter(([k]) => !['code', 'source', 'families'].includes(k)),
  );
  return {
    ...(known as Omit<Kept, 'name' | 'parts'>),
    name: `${name}, ours`,
    parts: parts.map((p) => {
      const own = stock.find((s) => s.material.code === p.material)?.material.id;
      return {
        ...(own === undefined ? { material: p.material } : { materialId: own }),
        basis: p.basis,
        amount: p.amount,
      };
    }),
  };
}

export function NewRecipePage() {
  useTitle('New recipe');
  const { keep } = useRecipeActs();
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  const { data: shipped } = useStartingRecipes();
  const { data: stock } = useStock();
  const from = shipped?.find((s) => s.code === params.get('from'));
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      <Text as="h1" textStyle="title" mb={2}>
        New recipe
      </Text>
      <Box maxW="420px">
        <Choice
          label="start from"
          value={from?.code ?? ''}
          options={[
            ['', 'nothing'] as const,
            ...(shipped ?? []).map((s) => [s.code, s.name] as const),
          ]}
          onValue={(code) => setParams(code ? { from: code } : {}, { replace: true })}
        />
      </Box>
      {stock && (
        <RecipeForm
          key={from?.code ?? ''}
          start={from ? keptOf(from, stock) : FRESH}
          saveWords="Keep this recipe"
          save={async (body) => {
            const page = await keep.mutateAsync({ body });
            await navigate(`/recipes/${page.recipe.id}`);
          }}
        />
      )}
    </Box>
  );
}

/** The next version of a mix; the one before stays with the pours that used it. */
export function ChangeRecipePage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useRecipe(id);
  useTitle(data ? `Next version of ${data.recipe.name}` : 'Next version');
  const { keep } = useRecipeActs();
  const navigate = useNavigate();
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1000px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the recipe" />}
      {data && (
        <>
          <Text as="h1" textStyle="title" mb={4}>
            {data.recipe.name}, version {data.recipe.versionNo + 1}
          </Text>
          <RecipeForm
            start={data.kept}
            saveWords="Keep as the next version"
            save={async (body) => {
              const page = await keep.mutateAsync({ before: data, body });
              await navigate(`/recipes/${page.recipe.id}?against=${data.recipe.id}`);
            }}
          />
        </>
      )}
    </Box>
  );
}
