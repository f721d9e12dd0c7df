import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Choice } from '../../kit/Choice';
import { QuantityField } from '../../kit/QuantityField';
import { useReader } from '../../kit/quantity';
import { Key } from '../../kit/States';
import { useSubmit } from '../../kit/useSubmit';
import { useStock } from '../../server/useStock';
import type { Step, What } from '../script/facts';
import { type Bench, codesOf, mixName } from '../words';
import { Wrong } from '../../kit/Wrong';

interface Props {
  bench: Bench;
  step: Step;
  onNote: (whats: What[]) => void;
}

/** Something that the sheet does not ask for went into the bowl. */
export function PutInPanel({ bench, step, onNote }: Props) {
  const { data: stock } = useStock();
  const water = bench.sheet.layers.flatMap((l) => l.lines).find((l) => l.role === 'water');
  const [material, setMaterial] = useState(String(water?.materialId ?? ''));
  const [text, setText] = useState('');
  const { submit, busy, error } = useSubmit();
  const read = useReader();
  const bowls = bench.state.batches.filter((b) => b.inKg > 0);
  // What was split off is what more is put into.
  const first =
    bowls.filter((b) => b.colour !== undefined).at(-1) ?? bowls.find((b) => b.batch === step.batch);
  const [chosen, setBowl] = useState<string>();
  const bowl = chosen ?? first?.batch ?? '';
  const mix = bowls.find((b) => b.batch === bowl)?.mixes.at(-1)?.mix ?? '';
  const sold = (stock ?? []).filter((s) => MIXED.has(s.material.role)).map((s) => s.material);
  const put = async () => {
    const kg = await read(text, 'mass');
    const other = sold.find((m) => String(m.id) === material);
    onNote([
      {
        kind: 'putIn',
        mix,
        material,
        role: other?.role ?? 'water',
        kg,
        // Water where the shop keeps no stock of it: a kilogram is a litre, within 0.3 %.
        litresPerKg: other ? 1 / other.relativeDensity : 1,
        source: 'typed',
      },
    ]);
  };
  return (
    <Box
      as="form"
      maxW="560px"
      onSubmit={(e) => {
        e.preventDefault();
        void submit(put);
      }}
    >
      <Text as="h2" textStyle="title" fontSize="40px" mb={2} tabIndex={-1}>
        What else went in?
      </Text>
      <Text color="quiet" mb={3}>
        into the bowl for {codesOf(bench.sheet).join(' ')}
      </Text>
      <Flex gap={4} wrap="wrap">
        {bowls.length > 1 && (
          <Box w="200px">
            <Choice
              label="into"
              value={bowl}
              options={bowls.map((b) => [b.batch, mixName(bench, b.batch)] as const)}
              onValue={setBowl}
            />
          </Box>
        )}
        <Box w="260px">
          <Choice
            label="material"
            value={material}
            options={[
              ...(water ? [[String(water.materialId), water.name] as const] : []),
              ...sold
                .filter((m) => m.id !== water?.materialId)
                .map((m) => [String(m.id), m.name] as const),
            ]}
            onValue={setMaterial}
          />
        </Box>
        <Box w="220px">
          <QuantityField label="how much" text={text} onText={setText} dimension="mass" autoFocus />
        </Box>
      </Flex>
      <Wrong error={error} />
      <Key main type="submit" disabled={busy || !text.trim() || !material || !mix}>
        It went in
      </Key>
    </Box>
  );
}

const MIXED = new Set(['binder', 'aggregate', 'filler', 'pigment', 'admixture', 'fibre', 'water']);
