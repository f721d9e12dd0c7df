import { Box, Text } from '@chakra-ui/react';
import { benchMass, benchUnit } from '../kit/style/bench';
import { QuantityField } from '../kit/QuantityField';
import { FillView } from './FillView';
import { LeftView } from './LeftView';
import type { Step } from './steps';
import { TapView } from './TapView';
import type { Sheet } from './usePour';
import type { Reading } from './useScale';
import { WeighView } from './WeighView';

interface Props {
  sheet: Sheet;
  step: Step;
  reading: Reading | undefined;
  addedKg: number;
  stopAt: number | undefined;
  now: number;
  typed: string | undefined;
  onTyped: (text: string) => void;
  onEnter: () => void;
}

/** The one thing to do now. */
export function StepView(props: Props) {
  const { sheet, step, reading, addedKg, stopAt, now, typed, onTyped, onEnter } = props;
  return (
    <Box>
      <Text as="h2" textStyle="title" fontSize="40px">
        {step.title}
      </Text>
      <Text fontSize="20px" color="quiet" mb={5}>
        {step.note}
      </Text>
      {step.kind === 'check' && (
        <Box as="ul" listStyleType="none" maxW="560px">
          {step.lines.map((line) => (
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
      {typed !== undefined && (step.kind === 'weigh' || step.kind === 'left') && (
        <Box
          as="form"
          maxW="420px"
          onSubmit={(e) => {
            e.preventDefault();
            onEnter();
          }}
        >
          <QuantityField
            label={
              step.kind === 'weigh'
                ? `What went in; ${benchMass(step.askedKg)} asked`
                : 'What is left'
            }
            text={typed}
            onText={onTyped}
            dimension="mass"
            unit={benchUnit(step.kind === 'weigh' ? step.askedKg : 0)}
            big
            autoFocus
          />
        </Box>
      )}
      {step.kind === 'weigh' && typed === undefined && (
        <WeighView step={step} reading={reading} addedKg={addedKg} />
      )}
      {step.kind === 'wet' && (
        <Text fontSize="26px" maxW="560px">
          {sheet.recipe.caution ?? 'Mix from the bottom up.'} Press when powder and water meet: the
          working time, or pot life, runs from then.
        </Text>
      )}
      {step.kind === 'fill' && <FillView step={step} reading={reading} />}
      {step.kind === 'tap' && step.placement === 'poured' && <TapView now={now} stopAt={stopAt} />}
      {step.kind === 'left' && typed === undefined && <LeftView sheet={sheet} />}
      {step.kind === 'done' && (
        <Text fontSize="26px" maxW="560px">
          Level checked, the outside of the moulds clean. Then press Poured: stock falls, the copies
          are held, the pieces stand on the shelf.
        </Text>
      )}
    </Box>
  );
}
