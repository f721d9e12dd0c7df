import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { messageOf, Problem } from '../api/client';
import { useReader, withUnit } from '../kit/quantity';
import { SectionDrawing } from '../kit/SectionDrawing';
import { useNow, useWorkshop } from '../workshop/useWorkshop';
import { BenchHead } from './BenchHead';
import { BenchKeys } from './BenchKeys';
import {
  add,
  added,
  current,
  inBowl,
  isFresh,
  leftKg,
  take,
  undo,
  weighOuts,
  wettedAt,
} from './draft';
import { PouredView } from './PouredView';
import { StepList } from './StepList';
import { type Step, stepsOf } from './steps';
import { StepView } from './StepView';
import { useDraft } from './useDraft';
import { type Sheet, usePoured } from './usePour';
import { useScale } from './useScale';
import { scaleKg } from './WeighView';

/** Tapping ends so long before the working time does (common practice). */
const STOP_TAPPING_SHARE = 0.8;

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
  const { data: workshop } = useWorkshop();
  const navigate = useNavigate();
  const now = useNow();
  const poured = usePoured();
  const read = useReader();
  const steps = stepsOf(sheet);
  const at = current(steps, draft);
  const step = steps[at] as Step;
  const reading = useScale(step.kind === 'weigh' && !poured.data);
  const wet = wettedAt(steps, draft);

  if (poured.data) {
    return <PouredView poured={poured.data} />;
  }

  const settle = (next: typeof draft) => {
    keep(next);
    setTyped(undefined);
    setWrong(undefined);
  };
  const next = (actualKg?: number) => settle(take(draft, step.key, now, actualKg));
  const takeTyped = async () => {
    try {
      const kg = await read(withUnit(typed ?? '', 'g'), 'mass');
      if (step.kind === 'weigh' && step.portions) {
        settle(add(draft, kg));
      } else {
        next(kg);
      }
    } catch (error) {
      setWrong(messageOf(error));
    }
  };
  const book = async () => {
    setWrong(undefined);
    const left = leftKg(draft);
    try {
      await poured.mutateAsync({
        key: draft.key,
        body: {
          productId: sheet.product.id,
          colourwayId: sheet.colourway.id,
          ...(lineId !== undefined && { lineId }),
          copies: sheet.copies.map((c) => ({ id: c.id, version: c.version })),
          weighOuts: weighOuts(steps, draft),
          acceptShort: short,
          ...(left !== undefined && { leftKg: left }),
        },
      });
      drop();
    } catch (error) {
      setShort(error instanceof Problem && error.code === 'stock.short');
      setWrong(messageOf(error));
    }
  };
  const weighing =
    step.kind === 'weigh' && !step.portions
      ? Math.min(1, (scaleKg(reading) ?? 0) / step.askedKg) * (step.share - inBowl(steps, at))
      : 0;
  return (
    <Flex direction="column" minH="100vh" as="main">
      <BenchHead sheet={sheet} wettedAt={wet} now={now} />
      <Grid
        flex={1}
        templateColumns={{ base: '1fr', md: '240px 1fr', lg: '260px 1fr 360px' }}
        gap={8}
        px={7}
        py={6}
      >
        <StepList steps={steps} at={at} draft={draft} />
        <Box aria-live="polite" minW={0}>
          <StepView
            key={step.key}
            sheet={sheet}
            step={step}
            reading={reading}
            addedKg={added(draft)}
            stopAt={
              wet === undefined ? undefined : wet + sheet.workingMin * STOP_TAPPING_SHARE * 60_000
            }
            now={now}
            typed={typed}
            onTyped={setTyped}
            onEnter={() => void takeTyped()}
          />
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
          <Box h="340px">
            <SectionDrawing
              section={sheet.section}
              filled={inBowl(steps, at) + weighing}
              swatch={sheet.colourway.swatch}
              title={`${sheet.mould} mould, filling`}
            />
          </Box>
          <Text color="quiet">
            {sheet.mould} · {(sheet.capacityL / sheet.copies.length).toFixed(2)} L each
          </Text>
        </Box>
      </Grid>
      <BenchKeys
        step={step}
        reading={reading}
        addedKg={added(draft)}
        typed={typed}
        demo={workshop?.demo ?? false}
        busy={poured.isPending}
        short={short}
        canUndo={!isFresh(draft)}
        onLeave={() => void navigate('/pour')}
        onUndo={() => settle(undo(draft))}
        onType={() => setTyped('')}
        onTakeTyped={() => void takeTyped()}
        onNext={next}
        onAdd={(kg) => settle(add(draft, kg))}
        onBook={() => void book()}
      />
    </Flex>
  );
}
