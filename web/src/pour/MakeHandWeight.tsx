import { Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { newKey } from '../api/key';
import { Key } from '../kit/States';
import { stopMass } from '../kit/style/bench';
import { length } from '../kit/style/units';
import { useRecipes } from '../server/useRecipes';
import { useMakeProduct } from '../server/useSetUp';
import { Wrong } from '../kit/Wrong';

/** What is mixed where the shop has no recipe of its own yet. */
const FIRST_MIX = 'sand-cement';

interface Props {
  targetKg: number;
  hardwareKg: number;
  acrossMm: number;
  thickMm: number;
}

/** Makes the product that was worked out: two heads, its mould with one copy, its route. */
export function MakeHandWeight({ targetKg, hardwareKg, acrossMm, thickMm }: Props) {
  const navigate = useNavigate();
  const { data: recipes } = useRecipes();
  const [key] = useState(newKey);
  const own = recipes?.[0]?.recipe;
  // A name is typed and searched for: its spaces are plain ones.
  const name = `Hand weight ${stopMass(targetKg)}`.replace(/\s/g, ' ');
  const make = useMakeProduct();
  const press = async () => {
    const made = await make.mutateAsync({
      key,
      body: {
        name,
        shape: 'hand-weight',
        measures: { flatsMm: acrossMm, heightMm: thickMm },
        ...(own ? { recipeId: own.firstId } : { mix: FIRST_MIX }),
        copies: 1,
        targetKg,
        hardwareKg,
      },
    });
    await navigate(`/products/${made.fills[0]?.productId ?? ''}`);
  };
  return (
    <>
      <Text mt={3}>
        Each head six-sided, {length(acrossMm)} across its flats and {length(thickMm)} thick.
      </Text>
      <Key main busy={make.isPending} onClick={() => void press().catch(() => undefined)}>
        Make it a product
      </Key>
      <Wrong error={make.error} />
    </>
  );
}
