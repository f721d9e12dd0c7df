import { Box, chakra, Checkbox, Flex, Grid, Text } from '@chakra-ui/react';
import { useRecipes, useStartingRecipes } from '../server/useRecipes';
import { mixOf } from './draft';
import { Figures } from './Figures';
import type { Answers } from './useProductDraft';
import { density } from '../kit/style/units';

const Press = chakra('button');

interface Offer {
  code: string;
  name: string;
  placing: string;
  outH: number;
  own: boolean;
}

/** Mixes that suit the shape first, then the shop's own and the other shipped ones. */
function useOffers(suits: string[], family: string | undefined): Offer[] {
  const { data: shipped } = useStartingRecipes();
  const { data: own } = useRecipes();
  const rank = (code: string, families: string[]) =>
    suits.includes(code)
      ? suits.indexOf(code)
      : 100 + (family && families.includes(family) ? 0 : 100);
  const ready = (shipped ?? [])
    .filter((s) => !(own ?? []).some((r) => r.recipe.name === s.name))
    .map((s) => ({
      rank: rank(s.code, s.families),
      offer: {
        code: s.code,
        name: s.name,
        placing: s.placing,
        outH: s.demouldAgeH,
        own: false,
      },
    }));
  const kept = (own ?? []).map((r) => ({
    rank: rank((shipped ?? []).find((s) => s.name === r.recipe.name)?.code ?? '', []) - 0.5,
    offer: {
      code: `own-${r.recipe.firstId}`,
      name: r.recipe.name,
      placing: r.recipe.placing ?? '',
      outH: r.recipe.demouldAgeH,
      own: true,
    },
  }));
  return [...ready, ...kept].sort((a, b) => a.rank - b.rank).map((o) => o.offer);
}

function hours(h: number): string {
  return h < 48 ? `${h} h` : `${Math.round(h / 24)} days`;
}

/** What it is mixed of. */
export function MixStep({ draft, change, shape, preview }: Answers) {
  const offers = useOffers(shape?.mixes ?? [], shape?.family);
  const chosen = mixOf(draft, shape);
  const shipped = offers.find((o) => o.code === chosen);
  return (
    <Grid templateColumns={{ base: '1fr', lg: '1fr 400px' }} columnGap={9}>
      <Box role="group" aria-label="Recipes">
        {offers.map((o) => (
          <Press
            key={o.code}
            type="button"
            aria-pressed={o.code === chosen}
            onClick={() => change({ mix: o.code, fibre: false, route: '', colours: [] })}
            display="flex"
            w="100%"
            minH="56px"
            gap={4}
            alignItems="center"
            textAlign="left"
            px={3}
            py={1}
            cursor="pointer"
            borderBottom="1px solid"
            borderColor="rule"
            borderLeft="6px solid"
            borderLeftColor={o.code === chosen ? 'ink' : 'transparent'}
            bg={o.code === chosen ? 'panel' : 'transparent'}
            _hover={{ bg: 'panel' }}
          >
            <Box flex={1}>
              <Text textStyle="label" fontSize="20px">
                {o.name}
              </Text>
              <Text textStyle="small" color="quiet">
                {o.placing}
              </Text>
            </Box>
            <Text textStyle="small" color="quiet" flexShrink={0}>
              {o.own ? 'yours · ' : ''}out after {hours(o.outH)}
            </Text>
          </Press>
        ))}
        {shipped && !shipped.own && (draft.fibre || preview.data?.hasFibre === false) && (
          <Checkbox.Root
            mt={4}
            minH="56px"
            checked={draft.fibre}
            onCheckedChange={(e) => change({ fibre: e.checked === true })}
          >
            <Checkbox.HiddenInput />
            <Checkbox.Control borderColor="steel" borderWidth="2px" />
            <Checkbox.Label>with polymer fibre, mixed in last</Checkbox.Label>
          </Checkbox.Root>
        )}
      </Box>
      <Box>
        {preview.data && (
          <>
            <Text textStyle="name" mb={2}>
              {preview.data.mix}
            </Text>
            <Figures preview={preview.data} stale={preview.isError} />
            <Flex gap={4} alignItems="baseline" borderTop="1px solid" borderColor="rule" py={1}>
              <Text textStyle="figure" fontSize="24px" w="104px" flexShrink={0}>
                {density(preview.data.freshDensityKgM3)}
              </Text>
              <Text flex={1}>wet</Text>
            </Flex>
          </>
        )}
      </Box>
    </Grid>
  );
}
