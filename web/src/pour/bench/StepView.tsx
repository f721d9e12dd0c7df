import { Box, Text } from '@chakra-ui/react';
import { useEffect, useRef } from 'react';
import type { Step, What } from '../script/facts';
import { FillView } from './FillView';
import { RoomPanel } from './RoomPanel';
import { TapView } from './TapView';
import type { Reading } from './useScale';
import { WeighView } from './WeighView';
import { type Bench, said } from '../words';

interface Props {
  bench: Bench;
  step: Step;
  reading: Reading | undefined;
  now: number;
  onNote: (whats: What[]) => void;
}

/** The one thing to do now. */
export function StepView({ bench, step, reading, now, onNote }: Props) {
  const { sheet, state } = bench;
  const words = said(bench, step);
  const head = useRef<HTMLHeadingElement>(null);
  // The pedal's key goes on from here, and a reader says what is next.
  useEffect(() => {
    head.current?.focus();
  }, [step.key]);
  const wettedAt = state.clock && Date.parse(state.clock.wettedAt);
  const stopAt = wettedAt === undefined ? undefined : wettedAt + sheet.tappedMin * 60_000;
  return (
    <Box>
      <Text as="h2" textStyle="title" fontSize="40px" ref={head} tabIndex={-1} outline="none">
        {words.title}
      </Text>
      <Text fontSize="20px" color="quiet" mb={5}>
        {words.note}
      </Text>
      {step.kind === 'check' && (
        <Box as="ul" listStyleType="none" maxW="560px">
          {(sheet.checks.find((c) => c.key === step.about)?.lines ?? []).map((line) => (
            <Box
              as="li"
              key={line}
              fontSize="26px"
              py={2}
              borderBottom="1px solid"
              borderColor="rule"
            >
              {line}
            </Box>
          ))}
        </Box>
      )}
      {step.weigh && <WeighView weigh={step.weigh} reading={reading} />}
      {step.kind === 'wet' && (
        <Text fontSize="26px" maxW="560px">
          {sentence(sheet.recipe.caution ?? 'Mix from the bottom up')} Press when powder and water
          meet: the working time, or pot life, runs from then.
        </Text>
      )}
      {step.kind === 'fill' && <FillView bench={bench} step={step} reading={reading} />}
      {step.kind === 'finish' && sheet.recipe.placement === 'poured' && (
        <TapView now={now} stopAt={stopAt} />
      )}
      {step.kind === 'left' && <RoomPanel bench={bench} onNote={onNote} />}
      {step.kind === 'record' && (
        <Text fontSize="26px" maxW="560px">
          Level checked, the outside of the moulds clean. Stock fell as it was weighed, the copies
          are held, the pieces stand on the shelf; recording closes the pour.
        </Text>
      )}
    </Box>
  );
}

function sentence(words: string): string {
  return /[.!?]$/.test(words) ? words : `${words}.`;
}
