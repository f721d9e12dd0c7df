import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { plural } from '../kit/format';
import { Key } from '../kit/States';
import { useColourOffers, useRecipeActs } from '../server/useRecipes';
import { Wrong } from '../kit/Wrong';

const Press = chakra('button');

/** Several colours at once, of the pigments that the shop has or can take. */
export function ColourOffers({ recipeId }: { recipeId: number }) {
  const { data } = useColourOffers(recipeId);
  const { takeColours } = useRecipeActs();
  const [chosen, setChosen] = useState<string[]>([]);
  const offers = (data ?? []).filter((o) => !o.inRecipe);
  const flip = (code: string) =>
    setChosen(chosen.includes(code) ? chosen.filter((c) => c !== code) : [...chosen, code]);
  return offers.length === 0 ? null : (
    <Box role="group" aria-label="Colours to add" mb={4}>
      <Flex wrap="wrap" gap={2} mb={2}>
        {offers.map((o) => (
          <Press
            key={o.code}
            type="button"
            aria-pressed={chosen.includes(o.code)}
            onClick={() => flip(o.code)}
            w="104px"
            p={2}
            cursor="pointer"
            border="3px solid"
            borderColor={chosen.includes(o.code) ? 'ink' : 'transparent'}
            bg="panel"
            textAlign="center"
          >
            <Box
              aria-hidden
              h="44px"
              border="1px solid"
              borderColor="steel"
              style={{ background: o.swatch }}
            />
            <Text fontWeight={600}>{o.name}</Text>
            <Text textStyle="small" color="quiet">
              {o.pigment === undefined ? 'no pigment' : `${o.percentOfCement} %`}
            </Text>
          </Press>
        ))}
      </Flex>
      <Wrong error={takeColours.error} />
      <Key
        main={chosen.length > 0}
        busy={takeColours.isPending}
        disabled={chosen.length === 0}
        onClick={() =>
          takeColours.mutate({ recipeId, codes: chosen }, { onSuccess: () => setChosen([]) })
        }
      >
        {chosen.length === 0 ? 'Choose colours to add' : `Add ${plural(chosen.length, 'colour')}`}
      </Key>
    </Box>
  );
}
