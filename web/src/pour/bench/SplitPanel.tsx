import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { QuantityField } from '../../kit/QuantityField';
import { useReader } from '../../kit/quantity';
import { benchMass, benchUnit } from '../../kit/style/bench';
import { useSubmit } from '../../kit/useSubmit';
import { ColourwayForm } from '../../recipe/ColourwayForm';
import { useRecipe } from '../../server/useRecipes';
import type { Step, What } from '../script/facts';
import { nextBatch } from './acts';
import { Option } from './Option';
import type { Bench } from '../words';
import { Wrong } from '../../kit/Wrong';

interface Props {
  bench: Bench;
  step: Step;
  onNote: (whats: What[]) => void;
  /** What is put into it is asked next. */
  onSplit: () => void;
}

/** Part of a bowl becomes a bowl of its own: in another colour, or thinner. */
export function SplitPanel({ bench, step, onNote, onSplit }: Props) {
  const [text, setText] = useState('');
  const { submit, error } = useSubmit();
  const [making, setMaking] = useState(false);
  const read = useReader();
  const { data: recipe } = useRecipe(bench.sheet.recipe.id);
  const batch = bench.state.batches.find((b) => b.batch === step.batch);
  const leftKg = batch?.leftKg ?? 0;
  const mix = batch?.mixes.at(-1)?.mix ?? '';
  const split = (colour: number) =>
    submit(async () => {
      const kg = text.trim() ? await read(text, 'mass', benchUnit(leftKg)) : leftKg;
      onNote([
        { kind: 'splitOff', batch: nextBatch(bench.state, 's'), mix, kg, colour: String(colour) },
      ]);
      onSplit();
    });
  const own = bench.sheet.colourway;
  if (making && recipe) {
    return (
      <>
        <Text as="h2" textStyle="title" fontSize="40px" mb={2} tabIndex={-1}>
          A colour made up here
        </Text>
        <Text maxW="620px">
          Name it and say what is in it, as near as you know: it is kept with the recipe, so that it
          can be poured again.
        </Text>
        <ColourwayForm page={recipe} onDone={() => setMaking(false)} />
      </>
    );
  }
  return (
    <>
      <Text as="h2" textStyle="title" fontSize="40px" mb={2} tabIndex={-1}>
        Split off a part of the bowl
      </Text>
      <Flex maxW="620px" mb={3}>
        <Box w="300px">
          <QuantityField
            label={`how much; all of it: ${benchMass(leftKg)}`}
            text={text}
            onText={setText}
            dimension="mass"
            unit={benchUnit(leftKg)}
          />
        </Box>
      </Flex>
      <Text mb={2}>
        Which colour does it become? More pigment or water is weighed into it next.
      </Text>
      <Grid templateColumns="1fr 1fr" gap={2} maxW="620px">
        {(recipe?.colourways ?? [])
          .filter((c) => c.id !== own.id)
          .map((c) => (
            <Option key={c.id} title={c.name} onClick={() => void split(c.id)} />
          ))}
        <Option
          title={`${own.name}, thinner`}
          words="the same colour with more water"
          onClick={() => void split(own.id)}
        />
        <Option
          title="A colour made up here"
          words="one that this recipe does not have yet"
          onClick={() => setMaking(true)}
        />
      </Grid>
      <Wrong error={error} mt={3} />
    </>
  );
}
