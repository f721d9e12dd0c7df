import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useMutation } from '@tanstack/react-query';
import { client, dataOf } from '../api/client';
import { Choice } from '../kit/Choice';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useStock } from '../server/useStock';
import { Bottles } from './Bottles';
import { PhotoSwatch } from './PhotoSwatch';
import { type Colourway, type RecipeData, useRecipeActs } from '../server/useRecipes';
import { numberIn } from '../kit/format';
import { Wrong } from '../kit/Wrong';

interface Props {
  /** The mix: its binders give the ground its colour. */
  page: RecipeData;
  colourway?: Colourway;
  onDone: () => void;
}

const NONE = '';

/** A colourway's name, swatch, water and doses. */
export function ColourwayForm({ page, colourway, onDone }: Props) {
  const { data: stock } = useStock();
  const { colour } = useRecipeActs();
  const [name, setName] = useState(colourway?.name ?? '');
  const [swatch, setSwatch] = useState(colourway?.swatch ?? '#b0aca0');
  const [offset, setOffset] = useState(String(colourway?.waterOffsetPercent ?? 0));
  const [doses, setDoses] = useState(
    colourway?.doses.map((d) => ({
      id: String(d.materialId),
      percent: String(d.percentOfBinder),
    })) ?? [{ id: NONE, percent: '3' }],
  );
  const binders = (stock ?? [])
    .filter((s) => page.lines.some((l) => l.materialId === s.material.id))
    .filter((s) => s.material.role === 'binder')
    .map((s) => s.material.code);
  const pigments = (stock ?? []).filter((s) => s.material.role === 'pigment');
  const cementKgABag = (stock ?? []).find((s) => binders.includes(s.material.code))?.material
    .cementKgABag;
  const set = (row: number, part: Partial<(typeof doses)[number]>) =>
    setDoses(doses.map((d, i) => (i === row ? { ...d, ...part } : d)));
  const guess = useMutation({
    meta: { asksOnly: true },
    mutationFn: () =>
      dataOf(
        client.POST('/api/calc/shade', {
          body: {
            paste: [
              ...binders.map((material) => ({ material, percentOfBinder: 100 })),
              ...doses.flatMap((d) => {
                const code = pigments.find((p) => String(p.material.id) === d.id)?.material.code;
                return code ? [{ material: code, percentOfBinder: numberIn(d.percent) }] : [];
              }),
            ],
          },
        }),
      ),
    onSuccess: (shade) => setSwatch(shade.dry),
  });
  const submit = () =>
    colour.mutate(
      {
        recipeId: page.recipe.firstId,
        ...(colourway && { id: colourway.id }),
        body: {
          name,
          swatch,
          waterOffsetPercent: numberIn(offset),
          doses: doses
            .filter((d) => d.id !== NONE)
            .map((d) => ({
              materialId: Number(d.id),
              percentOfBinder: numberIn(d.percent),
            })),
        },
      },
      { onSuccess: onDone },
    );
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        submit();
      }}
    >
      <Flex gap={3} wrap="wrap" mt={3}>
        <Box w="190px">
          <TextField label="colourway" text={name} onText={setName} />
        </Box>
        <Box w="90px">
          <TextField label="swatch" type="color" text={swatch} onText={setSwatch} />
        </Box>
        <Box pt="26px">
          <PhotoSwatch onSwatch={setSwatch} />
        </Box>
        <Box w="150px">
          <TextField label="more water, %" text={offset} onText={setOffset} />
        </Box>
      </Flex>
      {doses.map((dose, row) => (
        <Flex key={row} gap={3}>
          <Box w="280px">
            <Choice
              label={`pigment ${row + 1}`}
              value={dose.id}
              options={[
                [NONE, 'none'] as const,
                ...pigments.map((p) => [String(p.material.id), p.material.name] as const),
              ]}
              onValue={(id) => set(row, { id })}
            />
          </Box>
          <Box w="120px">
            <TextField
              label="% of cement"
              text={dose.percent}
              onText={(percent) => set(row, { percent })}
            />
          </Box>
          <Bottles
            pigment={pigments.find((p) => String(p.material.id) === dose.id)?.material}
            cementKgABag={cementKgABag}
            percent={numberIn(dose.percent)}
            onPercent={(percent) => set(row, { percent: String(percent) })}
          />
        </Flex>
      ))}
      {guess.data && (
        <Text color="quiet" mb={2}>
          A guess (two-constant mixing, Kubelka and Munk; strengths from memory): it looks like{' '}
          <Swatch hex={guess.data.wet} /> wet and dries to <Swatch hex={guess.data.dry} />.
        </Text>
      )}
      <Wrong error={guess.error} mb={2} />
      <Wrong error={colour.error} mb={2} />
      <Flex gap={3}>
        <Key main type="submit" busy={colour.isPending} disabled={name.trim() === ''}>
          Keep the colourway
        </Key>
        <Key onClick={() => setDoses([...doses, { id: NONE, percent: '1' }])}>Add a pigment</Key>
        <Key busy={guess.isPending} onClick={() => guess.mutate()}>
          Guess the shade
        </Key>
        <Key onClick={onDone}>Close</Key>
      </Flex>
    </form>
  );
}

function Swatch({ hex }: { hex: string }) {
  return (
    <Box
      as="span"
      role="img"
      aria-label={hex}
      display="inline-block"
      w="22px"
      h="22px"
      border="1px solid"
      borderColor="steel"
      verticalAlign="middle"
      style={{ background: hex }}
    />
  );
}
