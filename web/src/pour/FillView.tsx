import { Text } from '@chakra-ui/react';
import { benchMass, stopMass, stopParts } from '../kit/style/bench';
import type { Step } from './steps';
import type { Reading } from './useScale';
import { scaleKg } from './WeighView';

type Fill = Extract<Step, { kind: 'fill' }>;

/** How much goes into a copy, and where its mass matters what the scale must show. */
export function FillView({ step, reading }: { step: Fill; reading: Reading | undefined }) {
  const onScale = step.stopAtKg === undefined ? undefined : scaleKg(reading);
  const toGo = onScale === undefined ? undefined : (step.stopAtKg ?? 0) - onScale;
  const shown = stopParts(
    onScale ?? step.stopAtKg ?? step.layers.reduce((sum, l) => sum + l.kg, 0),
  );
  const near = toGo !== undefined && Math.abs(toGo) <= (step.toleranceKg ?? 0);
  return (
    <>
      <Text textStyle="reading" color={near ? 'moss' : 'ink'}>
        {shown.value}
        <Text as="span" fontSize="56px" fontWeight={500} color="quiet" ml={3}>
          {shown.unit}
        </Text>
      </Text>
      {step.stopAtKg !== undefined && (
        <Text fontSize="24px" fontWeight={600} mt={2}>
          {toGo === undefined
            ? `stop when the scale shows that, ${step.withMould ? 'the mould on it' : 'tared with the empty mould on it'}`
            : near
              ? 'right: stop'
              : toGo > 0
                ? `${benchMass(toGo)} to go, stop at ${stopMass(step.stopAtKg)}`
                : `${benchMass(-toGo)} too much: take some out`}
        </Text>
      )}
      <Text fontSize="20px" color="quiet" mt={3}>
        {step.layers.length > 1
          ? `${step.layers.map((l) => `${stopMass(l.kg)} ${l.name}`).join(', then ')}: poured over, in patches, or turned once in the bowl`
          : `of wet mix goes into ${step.copy}; under a lip half-fill, work it in, top up`}
      </Text>
    </>
  );
}
