import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useNavigate } from 'react-router';
import { Link } from '../kit/Link';
import { Empty, Failed, Key, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import {
  type RecipeData,
  useRecipeActs,
  useRecipes,
  useStartingRecipes,
} from '../server/useRecipes';
import { handful, saidParts } from '../kit/style/units';
import { money } from '../kit/style/money';
import { ForOwners } from '../kit/ForOwners';
import { Wrong } from '../kit/Wrong';

/** The shop's mixes, and those that the application ships with. */
export function RecipesPage() {
  useTitle('Recipes');
  const { data, error, refetch } = useRecipes();
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      <Flex justifyContent="space-between" alignItems="baseline">
        <Text as="h1" textStyle="title">
          Recipes
        </Text>
        <Link className="plain-link" to="/recipes/new">
          write a new one
        </Link>
      </Flex>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the recipes" />}
      {data?.length === 0 && (
        <Empty title="No recipes yet">Take one of the shipped ones, below, and change it.</Empty>
      )}
      <Box mt={4}>
        {data?.map((page) => (
          <RecipeRow key={page.recipe.id} page={page} />
        ))}
      </Box>
      <ForOwners>{data && <Shipped taken={data.map((p) => p.recipe.name)} />}</ForOwners>
    </Box>
  );
}

function RecipeRow({ page }: { page: RecipeData }) {
  const { recipe } = page;
  const { litres, word } = handful();
  const wet = saidParts(page.freshDensityKgM3, 'density');
  return (
    <Link to={`/recipes/${recipe.id}`}>
      <Grid
        templateColumns={{ base: '1fr', md: '1.4fr 110px 120px 120px 1fr' }}
        columnGap={4}
        py={3}
        borderBottom="1px solid"
        borderColor="rule"
        alignItems="baseline"
        _hover={{ bg: 'panel' }}
      >
        <Box>
          <Text textStyle="name">{recipe.name}</Text>
          <Text textStyle="small" color="quiet">
            {recipe.school ?? 'own'} · version {recipe.versionNo}
          </Text>
        </Box>
        <Figure
          value={page.costPerL === undefined ? '–' : money(Number(page.costPerL) * litres)}
          what={`a ${word}`}
        />
        <Figure value={wet.value} what={`${wet.unit}, wet`} />
        <Figure value={page.waterBinderRatio.toFixed(2)} what="water to binder" />
        <Flex gap={2} wrap="wrap">
          {page.colourways.map((c) => (
            <Box
              key={c.id}
              role="img"
              aria-label={c.name}
              title={c.name}
              w="28px"
              h="28px"
              border="1px solid"
              borderColor="steel"
              style={{ background: c.swatch }}
            />
          ))}
        </Flex>
      </Grid>
    </Link>
  );
}

function Figure({ value, what }: { value: string; what: string }) {
  return (
    <Box>
      <Text textStyle="figure">{value}</Text>
      <Text textStyle="small" color="quiet">
        {what}
      </Text>
    </Box>
  );
}

function Shipped({ taken }: { taken: string[] }) {
  const { data } = useStartingRecipes();
  const { adopt } = useRecipeActs();
  const navigate = useNavigate();
  const rest = (data ?? []).filter((s) => !taken.includes(s.name));
  if (rest.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="Shipped recipes" mt={8}>
      <Text as="h2" textStyle="name">
        To start from
      </Text>
      <Wrong error={adopt.error} />
      {rest.map((start) => (
        <Flex
          key={start.code}
          gap={4}
          py={2}
          borderBottom="1px solid"
          borderColor="rule"
          alignItems="center"
        >
          <Box flex={1}>
            <Text fontWeight={600}>{start.name}</Text>
            <Text textStyle="small" color="quiet">
              {start.placing} · {start.source}
            </Text>
          </Box>
          <Link className="plain-link" to={`/recipes/new?from=${start.code}`}>
            change it first
          </Link>
          <Key
            busy={adopt.isPending && adopt.variables === start.code}
            onClick={() =>
              adopt.mutate(start.code, {
                onSuccess: (page) => void navigate(`/recipes/${page.recipe.id}`),
              })
            }
          >
            Take it
          </Key>
        </Flex>
      ))}
    </Box>
  );
}
