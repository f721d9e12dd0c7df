import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { messageOf, Problem } from '../api/client';
import { benchMass, plural } from '../kit/format';
import { useReader, withUnit } from '../kit/quantity';
import { SectionDrawing } from '../kit/SectionDrawing';
import { Key } from '../kit/States';
import { PouredView } from './PouredView';
import { StepList } from './StepList';
import { StepView } from './StepView';
import { current, inBowl, type Step, stepsOf, take, undo, weighOuts } from './steps';
import { useDraft } from './useDraft';
import { type Sheet, usePoured } from './usePour';

interface Props {
  sheet: Sheet;
  lineId?: number;
}

/** Where we are on the left, one thing in the middle, the mould on the right, keys below. */
export function Bench({ sheet, lineId }: Props) {
  const name = `${lineId ?? 'stock'}-${sheet.copies.map((c) => `${c.id}v${c.version}`).join('.')}`;
  const { draft, keep, drop } = useDraft(name);
  const [typed, setTyped] = useState<string>();
  const [wrong, setWrong] = useState<string>();
  const [short, setShort] = useState(false);
  const navigate = useNavigate();
  const poured = usePoured();
  const read = useReader();
  const steps = stepsOf(sheet);
  const at = current(steps, draft);
  const step = steps[at] as Step;

  if (poured.data) {
    return <PouredView poured={poured.data} />;
  }

  const next = (actualKg?: number) => {
    keep(take(draft, step.key, actualKg));
    setTyped(undefined);
    setWrong(undefined);
  };
  const takeTyped = async () => {
    try {
      next(await read(withUnit(typed ?? '', 'g'), 'mass'));
    } catch (error) {
      setWrong(messageOf(error));
    }
  };
  const book = async (acceptShort: boolean) => {
    setWrong(undefined);
    try {
      await poured.mutateAsync({
        key: draft.key,
        body: {
          productId: sheet.product.id,
          colourwayId: sheet.colourway.id,
          ...(lineId !== undefined && { lineId }),
          copies: sheet.copies.map((c) => ({ id: c.id, version: c.version })),
          weighOuts: weighOuts(steps, draft),
          acceptShort,
        },
      });
      drop();
    } catch (error) {
      setShort(error instanceof Problem && error.code === 'stock.short');
      setWrong(messageOf(error));
    }
  };
  const main = () => {
    if (typed !== undefined) {
      return (
        <Key main onClick={() => void takeTyped()}>
          Take what I typed
        </Key>
      );
    }
    if (step.kind === 'weigh') {
      return (
        <Key main onClick={() => next(step.askedKg)}>
          {benchMass(step.askedKg)} went in
        </Key>
      );
    }
    if (step.kind === 'check') {
      return (
        <Key main onClick={() => next()}>
          Done, go on
        </Key>
      );
    }
    return (
      <Key main busy={poured.isPending} onClick={() => void book(short)}>
        {short ? 'Poured anyway' : 'Poured'}
      </Key>
    );
  };
  return (
    <Flex direction="column" minH="100vh" as="main">
      <Flex bg="panel" px={7} minH="64px" alignItems="center" gap={6} wrap="wrap">
        <Text as="h1" textStyle="name">
          {sheet.product.name}, {sheet.colourway.name}
        </Text>
        <Text>
          {plural(sheet.copies.length, 'copy', 'copies')} ·{' '}
          {plural(sheet.batches.length, 'mix', 'mixes')}
        </Text>
        <Text color="quiet">
          water {sheet.waterC.toFixed(0)} °C buys {sheet.workingMin.toFixed(0)} min
        </Text>
        <Box flex={1} />
        <Text textStyle="name" color="ochre">
          clock starts when wet
        </Text>
      </Flex>
      <Grid
        flex={1}
        templateColumns={{ base: '1fr', md: '240px 1fr', lg: '290px 1fr 400px' }}
        gap={8}
        px={7}
        py={6}
      >
        <StepList steps={steps} at={at} draft={draft} />
        <Box aria-live="polite">
          <StepView step={step} typed={typed} onTyped={setTyped} onEnter={() => void takeTyped()} />
          {wrong && (
            <Text role="alert" color="oxide" fontWeight={600} fontSize="20px" mt={4}>
              {wrong}
            </Text>
          )}
        </Box>
        <Box display={{ base: 'none', lg: 'block' }} textAlign="center">
          {sheet.holdDownKg > 0 && (
            <Text textStyle="name">{sheet.holdDownKg.toFixed(1)} kg on the core ↓</Text>
          )}
          <Box h="380px">
            <SectionDrawing
              section={sheet.section}
              filled={inBowl(steps, at)}
              swatch={sheet.colourway.swatch}
              title={`${sheet.mould} mould, filling`}
            />
          </Box>
          <Text color="quiet">
            {sheet.mould} · {(sheet.capacityL / sheet.copies.length).toFixed(2)} L each
          </Text>
        </Box>
      </Grid>
      <Flex gap={4} px={7} pb={7} wrap="wrap">
        <Key onClick={() => void navigate('/pour')}>Leave</Key>
        <Key
          disabled={draft.done.length === 0}
          onClick={() => {
            keep(undo(draft));
            setTyped(undefined);
            setWrong(undefined);
          }}
        >
          Undo
        </Key>
        {main()}
        {step.kind === 'weigh' && typed === undefined && (
          <Key onClick={() => setTyped('')}>Type it</Key>
        )}
      </Flex>
    </Flex>
  );
}
