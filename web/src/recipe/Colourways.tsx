import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Key } from '../kit/States';
import { useStock } from '../server/useStock';
import { ColourOffers } from './ColourOffers';
import { ColourwayForm } from './ColourwayForm';
import type { Colourway, RecipeData } from '../server/useRecipes';

/** A mix's colours: doses, water, swatch. */
export function Colourways({ page }: { page: RecipeData }) {
  const { data: stock } = useStock();
  const [open, setOpen] = useState<Colourway | 'new'>();
  const names = new Map((stock ?? []).map((s) => [s.material.id, s.material.name]));
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
      {page.colourways.map((c, i) => {
        const dosing = page.dosing[i];
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
                    .map(
                      (d, j) =>
                        `${d.percentOfBinder} % ${names.get(d.materialId)?.toLowerCase() ?? ''}${spoons(dosing?.spoonsABag[j])}`,
                    )
                    .join(', ') || 'no pigment'}
                  {c.waterOffsetPercent !== 0 &&
                    ` · water ${c.waterOffsetPercent > 0 ? '+' : '−'}${Math.abs(c.waterOffsetPercent)} %`}
                </Text>
                {dosing?.warnings.map((warning) => (
                  <Text key={warning.code} color="ochre" fontWeight={600}>
                    {warning.message}
                  </Text>
                ))}
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
function spoons(aBag: number | null | undefined): string {
  return aBag ? ` (${aBag.toFixed(0)} level spoons a bag)` : '';
}
