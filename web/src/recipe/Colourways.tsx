import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Key } from '../kit/States';
import { useStock } from '../server/useStock';
import { ColourOffers } from './ColourOffers';
import { ColourwayForm } from './ColourwayForm';
import { cementABag } from './words';
import type { Colourway, RecipeData } from '../server/useRecipes';

/** Over so much pigment the concrete is weaker (ASTM C979; EN 12878). */
const MOST_PIGMENT = 10;

/** A mix's colours: doses, water, swatch. */
export function Colourways({ page }: { page: RecipeData }) {
  const { data: stock } = useStock();
  const [open, setOpen] = useState<Colourway | 'new'>();
  const names = new Map((stock ?? []).map((s) => [s.material.id, s.material]));
  const bagKg = cementABag(
    page.lines.map((l) => names.get(l.materialId)).find((m) => m?.role === 'binder'),
  );
  return (
    <Box as="section" aria-label="Colourways" mt={8}>
      <Text as="h2" textStyle="name" mb={2}>
        Colourways
      </Text>
      {page.colourways.length === 0 && (
        <Text color="quiet">
          None yet: a mix is poured in a colour, even if that is the plain one.
        </Text>
      )}
      {page.colourways.map((c) => {
        const total = c.doses.reduce((sum, d) => sum + d.percentOfBinder, 0);
        return (
          <Box key={c.id} borderBottom="1px solid" borderColor="rule" py={3}>
            <Flex gap={4} alignItems="center">
              <Box
                aria-hidden
                w="48px"
                h="48px"
                border="1px solid"
                borderColor="steel"
                style={{ background: c.swatch }}
              />
              <Box flex={1}>
                <Text textStyle="label" fontSize="21px">
                  {c.name}
                  {c.versionNo > 1 && `, version ${c.versionNo}`}
                </Text>
                <Text color="quiet">
                  {c.doses
                    .map((d) => {
                      const pigment = names.get(d.materialId);
                      return `${d.percentOfBinder} % ${pigment?.name.toLowerCase() ?? ''}${spoons(d.percentOfBinder, pigment?.spoonG, bagKg)}`;
                    })
                    .join(', ') || 'no pigment'}
                  {c.waterOffsetPercent !== 0 &&
                    ` · water ${c.waterOffsetPercent > 0 ? '+' : '−'}${Math.abs(c.waterOffsetPercent)} %`}
                </Text>
                {total > MOST_PIGMENT && (
                  <Text color="ochre" fontWeight={600}>
                    {total} % pigment: over {MOST_PIGMENT} % weakens it (ASTM C979; EN 12878).
                  </Text>
                )}
              </Box>
              <Key onClick={() => setOpen(c)}>Change</Key>
            </Flex>
            {open !== 'new' && open?.id === c.id && (
              <ColourwayForm page={page} colourway={c} onDone={() => setOpen(undefined)} />
            )}
          </Box>
        );
      })}
      <Box mt={3}>
        {open === 'new' ? (
          <ColourwayForm page={page} onDone={() => setOpen(undefined)} />
        ) : (
          <>
            <ColourOffers recipeId={page.recipe.id} />
            <Key onClick={() => setOpen('new')}>Add a colourway</Key>
          </>
        )}
      </Box>
    </Box>
  );
}

/** The same in level spoons to a bag of binder, where both were weighed. */
function spoons(percent: number, spoonG: number | undefined, bagKg: number | undefined): string {
  return spoonG && bagKg
    ? ` (${((percent * bagKg * 10) / spoonG).toFixed(0)} level spoons a bag)`
    : '';
}
