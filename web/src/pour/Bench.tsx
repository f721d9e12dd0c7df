import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { messageOf, Problem } from '../api/client';
import { useReader } from '../kit/quantity';
import { useNow, useWorkshop } from '../workshop/useWorkshop';
import { BenchHead } from './BenchHead';
import { BenchKeys } from './BenchKeys';
import {
  add,
  added,
  current,
  fillingMin,
  inBowl,
  isFresh,
  layersOf,
  leftKg,
  take,
  undo,
  wettedAt,
} from './draft';
import { MouldFilling } from './MouldFilling';
import { PouredView } from './PouredView';
import { StepList } from './StepList';
import { type Step, stepsOf } from './steps';
import { StepView } from './StepView';
import { useDraft } from './useDraft';
import { type Sheet, usePoured, type Wanted } from './usePour';
import { useScale } from './useScale';
import { scaleKg } from './WeighView';
import { readQuantity } from '../kit/style/read';
import { benchUnit } from '../kit/style/bench';

/** Tapping ends so long before the working time does (common practice). */
const STOP_TAPPING_SHARE = 0.8;

interface Props {
  sheet: Sheet;
  wanted: Wanted;
}

/** Where we are on the left, one thing in the middle, the mould on the right, keys below. */
export function Bench({ sheet, wanted }: Props) {
  const name = draftName(sheet);
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
  const reading = useScale((step.kind === 'weigh' || step.kind === 'fill') && !poured.data);
  const wet = wettedAt(steps, draft);

  if (poured.data) {
    return <PouredView poured={poured.data} />;
  }

  const settle = (next: typeof draft) => {
    keep(next);
    setTyped(undefined);
    setWrong(undefined);
  };
  const next = (actualKg?: number, assumed?: boolean) =>
    settle(take(draft, step.key, now, actualKg, assumed));
  const typedKg = async (text: string) => {
    const litres =
      step.kind === 'weigh' && step.water ? readQuantity(text, 'volume', '')?.value : undefined;
    // A litre of water is a kilogram, as near as a bench can tell.
    return litres ?? read(text, 'mass', benchUnit(step.kind === 'weigh' ? step.askedKg : 0));
  };
  const takeTyped = async () => {
    try {
      const kg = await typedKg(typed ?? '');
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
    const minutes = fillingMin(steps, draft);
    try {
      await poured.mutateAsync({
        key: draft.key,
        body: {
          fills: sheet.fills.map((fill) => ({
            productId: fill.product.id,
            ...lineOf(wanted, fill.product.id),
            copies: fill.copies.map(({ copy }) => ({ id: copy.id, version: copy.version })),
          })),
          colourwayId: sheet.colourway.id,
          firstLayer: sheet.firstLayer,
          layers: layersOf(steps, draft, sheet.layers.length),
          acceptShort: short,
          ...(left !== undefined && { leftKg: left }),
          ...(minutes !== undefined && { fillingMin: minutes }),
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
          {(poured.isPaused || poured.failureCount > 0) && poured.isPending && (
            <Text role="status" fontSize="20px" fontWeight={600} mt={4}>
              The network is gone. Everything is kept here, and is booked once it is back.
            </Text>
          )}
          {wrong && (
            <Text role="alert" color="oxide" fontWeight={600} fontSize="20px" mt={4}>
              {wrong}
            </Text>
          )}
        </Box>
        <MouldFilling sheet={sheet} step={step} filled={inBowl(steps, at) + weighing} />
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

/** Where this sheet's progress is kept: the same copies in the same state are the same sheet. */
function draftName(sheet: Sheet): string {
  const copies = sheet.fills.flatMap((f) => f.copies.map(({ copy: c }) => `${c.id}v${c.version}`));
  return `${sheet.colourway.id}-${sheet.firstLayer}-${copies.join('.')}`;
}

function lineOf(wanted: Wanted, productId: number) {
  const lineId = wanted.fills.find((f) => f.productId === productId)?.lineId;
  return lineId === undefined ? {} : { lineId };
}
