import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { client, dataOf, type Schemas } from '../../api/client';
import { Choice } from '../../kit/Choice';
import { MeasureField } from '../../kit/MeasureField';
import { useReader } from '../../kit/quantity';
import { QuantityField } from '../../kit/QuantityField';
import { Key } from '../../kit/States';
import { bareEntry, entry } from '../../kit/style/entry';
import { valueIn } from '../../kit/style/read';
import { useRecipes } from '../../server/useRecipes';
import { useSubmit } from '../../kit/useSubmit';
import { Wrong } from '../../kit/Wrong';

type How = NonNullable<Schemas['MeasuredCalcRequest']['how']>;

const HOW: readonly (readonly [How, string])[] = [
  ['waterFill', 'water that fills it'],
  ['dryMixFill', 'dry mix that fills it level'],
  ['lastPours', 'wet mix the last pours took'],
];

/** A cavity by what a scale said of it. */
export function MeasuredFields({ onVolume }: { onVolume: (litres: string) => void }) {
  const [how, setHow] = useState<How>('waterFill');
  const [mass, setMass] = useState('');
  const [density, setDensity] = useState(() => bareEntry(2200, 'density'));
  const [mix, setMix] = useState('');
  const { submit, busy, error } = useSubmit();
  const read = useReader();
  const { data: recipes } = useRecipes();
  const mixes = recipes ?? [];
  const chosen = mixes.find((r) => String(r.recipe.id) === mix) ?? mixes[0];
  const work = async () => {
    const massKg = await read(mass, 'mass');
    const body = {
      how,
      massKg,
      ...(how === 'lastPours' && { freshDensityKgM3: valueIn(density, 'density') ?? NaN }),
      ...(how === 'dryMixFill' && chosen && { dryKgM3: chosen.dryKgM3 }),
    };
    const measured = await dataOf(client.POST('/api/calc/measured', { body }));
    onVolume(entry(measured.volumeL, 'volume'));
  };
  return (
    <Box>
      <Choice label="Weighed" value={how} options={HOW} onValue={setHow} />
      <Flex gap={3} alignItems="flex-end" wrap="wrap">
        <Box flex={1} minW="140px">
          <QuantityField
            label="weight without the mould"
            text={mass}
            onText={setMass}
            dimension="mass"
          />
        </Box>
        {how === 'dryMixFill' && (
          <Box w="260px">
            <Choice
              label="of which mix"
              value={String(chosen?.recipe.id ?? '')}
              options={mixes.map((r) => [String(r.recipe.id), r.recipe.name] as const)}
              onValue={setMix}
            />
          </Box>
        )}
        {how === 'lastPours' && (
          <Box w="140px">
            <MeasureField label="wet mix" measure="density" text={density} onText={setDensity} />
          </Box>
        )}
        <Box pb="20px">
          <Key
            disabled={busy || (how === 'dryMixFill' && !chosen)}
            onClick={() => void submit(work)}
          >
            Work it out
          </Key>
        </Box>
      </Flex>
      <Wrong error={error} />
    </Box>
  );
}
