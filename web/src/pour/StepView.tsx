import { Box, Text } from '@chakra-ui/react';
import { benchGrams, benchMass, grouped } from '../kit/format';
import { QuantityField } from '../kit/QuantityField';
import type { Step } from './steps';

interface Props {
  step: Step;
  typed: string | undefined;
  onTyped: (text: string) => void;
  onEnter: () => void;
}

/** The one thing to do now. */
export function StepView({ step, typed, onTyped, onEnter }: Props) {
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
      {step.kind === 'weigh' && typed === undefined && (
        <>
          <Text textStyle="reading">
            {grouped(benchGrams(step.askedKg))}
            <Text as="span" fontSize="56px" fontWeight={500} color="quiet" ml={3}>
              g
            </Text>
          </Text>
          <Text fontSize="20px" color="quiet" mt={3}>
            within {benchMass(step.toleranceKg)}
          </Text>
        </>
      )}
      {step.kind === 'weigh' && typed !== undefined && (
        <Box
          as="form"
          maxW="420px"
          onSubmit={(e) => {
            e.preventDefault();
            onEnter();
          }}
        >
          <QuantityField
            label={`What went in, grams unless you say otherwise; ${benchMass(step.askedKg)} asked`}
            text={typed}
            onText={onTyped}
            dimension="mass"
            bareUnit="g"
            big
            autoFocus
          />
        </Box>
      )}
      {step.kind === 'done' && (
        <Text fontSize="26px" maxW="560px">
          Deepest part first; under a lip half-fill, work it in, top up. Tap a minute or two and
          stop before it stiffens. Clean the outside. Then press Poured: stock falls, the copies are
          held, the pieces stand on the shelf.
        </Text>
      )}
    </Box>
  );
}
