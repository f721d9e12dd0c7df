import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useParams, useSearchParams } from 'react-router';
import { Link } from '../kit/Link';
import { benchMass } from '../kit/style/bench';
import { money } from '../kit/style/money';
import { handful, saidParts, say, temperature } from '../kit/style/units';
import { Caution, Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { FigureRow } from '../kit/Why';
import { Missing } from '../missing/Missing';
import { Colourways } from './Colourways';
import { Compare } from './Compare';
import { LearnedPanel } from './LearnedPanel';
import { type RecipeData, useRecipe, useStrengthClasses } from '../server/useRecipes';
import { ADDITIONS, amountWords, PLACEMENTS } from './words';

/** One version of a mix: what is in it, what follows from it, its colours. */
export function RecipePage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useRecipe(id);
  useTitle(data ? data.recipe.name : 'Recipe');
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the recipe" />}
      {data && <Whole page={data} />}
    </Box>
  );
}

function Whole({ page }: { page: RecipeData }) {
  const { recipe, kept } = page;
  const { litres, word } = handful();
  const [params] = useSearchParams();
  const against = params.get('against');
  return (
    <>
      <Flex justifyContent="space-between" alignItems="baseline" gap={4}>
        <Text as="h1" textStyle="title">
          {recipe.name}
        </Text>
        {page.latest && (
          <Link className="plain-link" to={`/recipes/${recipe.id}/change`}>
            write the next version
          </Link>
        )}
      </Flex>
      <Text color="quiet">
        {recipe.school ?? 'own mix'} · version {recipe.versionNo}
        {page.latest ? '' : ', not the newest'}
        {page.versions
          .filter((v) => v.id !== recipe.id)
          .map((v) => (
            <span key={v.id}>
              {' · '}
              <Link className="plain-link" to={`/recipes/${recipe.id}?against=${v.id}`}>
                against version {v.versionNo}
              </Link>
            </span>
          ))}
      </Text>
      <Missing about={`recipe-${recipe.firstId}`} />
      <StrengthClass code={recipe.strengthClass} />
      <Text mt={2}>
        {[recipe.placing, PLACEMENTS.find(([p]) => p === recipe.placement)?.[1]]
          .filter(Boolean)
          .join('; ')}
        .
      </Text>
      {recipe.caution && (
        <Box mt={2}>
          <Caution
            line={recipe.caution}
            more="Gloves, goggles and a fitted respirator while powder is open."
          />
        </Box>
      )}
      {against && <Compare page={page} againstId={against} />}
      <Grid templateColumns={{ base: '1fr', lg: '1fr 1fr' }} columnGap={9} mt={5}>
        <Box>
          <Text as="h2" textStyle="name" mb={2}>
            A {word} of it
          </Text>
          {page.lines.map((line, i) => (
            <Flex
              key={line.materialId}
              py={2}
              borderBottom="1px solid"
              borderColor="rule"
              gap={4}
              alignItems="baseline"
            >
              <Text textStyle="figure" w="120px">
                {benchMass(line.massKg * litres)}
              </Text>
              <Box flex={1}>
                <Text>{line.material}</Text>
                <Text textStyle="small" color="quiet">
                  {amountWords(kept.parts[i])}
                </Text>
              </Box>
              <Text color="quiet">
                {line.cost === undefined
                  ? 'no price'
                  : Number(line.cost) === 0
                    ? 'tap'
                    : money(Number(line.cost) * litres)}
              </Text>
            </Flex>
          ))}
          <Text color="quiet" mt={2}>
            {ADDITIONS.find(([a]) => a === recipe.addition)?.[1]}
          </Text>
        </Box>
        <Box>
          <FigureRow
            value={page.costPerL === undefined ? '–' : money(Number(page.costPerL) * litres)}
            unit=""
            what={`a ${word} costs today`}
            short="packs’ prices"
          >
            {page.lackPrice.length > 0
              ? `The price of ${page.lackPrice.join(', ')} is not known: give it under Stock.`
              : 'Each mass times its pack’s price over what the pack holds. Water is not counted.'}
          </FigureRow>
          <FigureRow
            {...saidParts(page.freshDensityKgM3, 'density')}
            what="wet"
            short="absolute volume"
          >
            All masses over the sum of mass ÷ density, with air and yield factor (ACI 211.1, 5.3).
          </FigureRow>
          <FigureRow
            value={page.waterBinderRatio.toFixed(2)}
            unit=""
            what="water to binder, by mass"
            short="lower is stronger"
          >
            All mixing water over all binder. The window is {kept.water?.leastPercent} to{' '}
            {kept.water?.mostPercent} % of it.
          </FigureRow>
          <FigureRow
            value={recipe.workingMinAt20C.toFixed(0)}
            unit="min"
            what={`to work with it, at ${temperature(20)}`}
            short={`halves per ${say(10, 'difference')}`}
          >
            Working time, or pot life; halves for every {say(10, 'difference')} warmer, doubles for
            colder (common practice).
          </FigureRow>
          <FigureRow
            value={String(recipe.demouldAgeH)}
            unit="h"
            what={`at ${temperature(20)}, then out of the mould${
              recipe.greenUntilAgeH === undefined ? '' : `; green until ${recipe.greenUntilAgeH} h`
            }`}
            short="equivalent age"
          >
            Hours at {temperature(20)} that give the same maturity; moved by the room’s temperature.
          </FigureRow>
        </Box>
      </Grid>
      <Colourways page={page} />
      <LearnedPanel page={page} />
    </>
  );
}

/** Whose strength curve the mix follows, at the ages that people ask for. */
function StrengthClass({ code }: { code: string | undefined }) {
  const { data } = useStrengthClasses();
  const found = data?.find((c) => c.code === code);
  return found ? (
    <Text mt={2} color="quiet">
      Gains strength like {found.name.toLowerCase()}:{' '}
      {found.shares.map((s) => `${s.days} d ${(s.share * 100).toFixed(0)} %`).join(', ')} of its 28
      days.
    </Text>
  ) : null;
}
