import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { QuantityField } from '../../kit/QuantityField';
import { useReader } from '../../kit/quantity';
import { Key } from '../../kit/States';
import { benchMass, benchUnit, stopMass } from '../../kit/style/bench';
import { readQuantity } from '../../kit/style/read';
import { useSubmit } from '../../kit/useSubmit';
import type { Step } from '../script/facts';
import { type Bench, said, stopOf } from '../words';
import { Wrong } from '../../kit/Wrong';

interface Props {
  bench: Bench;
  step: Step;
  /** In kg of the material or the mix alone. */
  onTyped: (kg: number) => void;
}

/** A reading that somebody made: of what went in, what a copy took, or what is left. */
export function TypePanel({ bench, step, onTyped }: Props) {
  const [text, setText] = useState('');
  const [mould, setMould] = useState('');
  const { submit, busy, error } = useSubmit();
  const read = useReader();
  const water = step.weigh?.role === 'water';
  const stop = step.kind === 'fill' ? stopOf(bench.sheet, step.about) : undefined;
  const unit = benchUnit(step.weigh?.askedKg ?? step.fill?.kg ?? 0);
  const take = async () => {
    // A litre of water is a kilogram, as near as a bench can tell.
    const litres = water ? readQuantity(text, 'volume', '')?.value : undefined;
    const kg = litres ?? (await read(text, 'mass', unit));
    const mouldKg = mould.trim() ? await read(mould, 'mass') : (stop?.beforeKg ?? 0);
    onTyped(step.kind === 'fill' ? kg - mouldKg : kg);
  };
  return (
    <Box
      as="form"
      maxW="640px"
      onSubmit={(e) => {
        e.preventDefault();
        void submit(take);
      }}
    >
      <Text as="h2" textStyle="title" fontSize="40px" tabIndex={-1}>
        {said(bench, step).title}
      </Text>
      <Box maxW="420px" mt={4}>
        <QuantityField
          label={label(step)}
          text={text}
          onText={setText}
          dimension="mass"
          unit={unit}
          big
          autoFocus
        />
      </Box>
      {step.kind === 'fill' && (
        <Flex gap={4} alignItems="center" wrap="wrap">
          <Box w="240px">
            <QuantityField
              label="of that the mould, empty"
              text={mould}
              onText={setMould}
              dimension="mass"
              placeholder={stop && stop.beforeKg > 0 ? stopMass(stop.beforeKg) : '0'}
            />
          </Box>
          <Text color="quiet">
            {stop && stop.beforeKg > 0
              ? `the mould and what is built in weigh ${stopMass(stop.beforeKg)}`
              : 'leave it empty where the scale was tared'}
          </Text>
        </Flex>
      )}
      <Wrong error={error} fontSize="20px" mt={2} />
      <Box mt={4}>
        <Key main type="submit" disabled={busy}>
          Take what I typed
        </Key>
      </Box>
    </Box>
  );
}

function label(step: Step): string {
  switch (step.kind) {
    case 'weigh':
      return `What went in; ${benchMass(step.weigh?.askedKg ?? 0)} asked`;
    case 'fill':
      return `What the scale shows; ${stopMass(step.fill?.kg ?? 0)} of mix asked`;
    default:
      return 'What is left';
  }
}
