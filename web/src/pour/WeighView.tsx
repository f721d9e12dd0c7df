import { Box, chakra, Text } from '@chakra-ui/react';
import { benchMass, benchParts } from '../kit/style/bench';
import type { Step } from './steps';
import type { Reading } from './useScale';

const Svg = chakra('svg');

type Weigh = Extract<Step, { kind: 'weigh' }>;

interface Props {
  step: Weigh;
  reading: Reading | undefined;
  /** What went in by small additions so far, in kg. */
  addedKg: number;
}

/** The one figure: what the scale shows, and how far it is to what is asked. */
export function WeighView({ step, reading, addedKg }: Props) {
  const onScale = scaleKg(reading);
  const shown = benchParts(onScale ?? step.askedKg);
  const near = onScale !== undefined && Math.abs(onScale - step.askedKg) <= step.toleranceKg;
  return (
    <>
      <Text textStyle="reading" color={near ? 'moss' : 'ink'}>
        {shown.value}
        <Text as="span" fontSize="56px" fontWeight={500} color="quiet" ml={3}>
          {shown.unit}
        </Text>
      </Text>
      {onScale !== undefined && <Bar step={step} kg={onScale} />}
      <Text fontSize="20px" color="quiet" mt={2}>
        {words(step, reading, onScale)}
      </Text>
      {step.portions && (
        <Text fontSize="20px" mt={2}>
          {addedKg > 0 ? `${benchMass(addedKg)} added so far` : 'nothing added yet'}
          {step.mostKg !== undefined && addedKg > step.mostKg && (
            <Text as="span" color="oxide" fontWeight={600}>
              {' '}
              · more than it should ever take
            </Text>
          )}
        </Text>
      )}
    </>
  );
}

/** What counts as a reading: something stands on a scale that works. */
export function scaleKg(reading: Reading | undefined): number | undefined {
  return reading?.state === 'weighing' && reading.kg !== undefined && Math.abs(reading.kg) >= 0.002
    ? reading.kg
    : undefined;
}

function words(step: Weigh, reading: Reading | undefined, kg: number | undefined): string {
  if (reading?.state === 'overload') {
    return 'Too much for the scale: take some off. Or type what went in.';
  }
  if (reading?.state === 'unplugged') {
    return `The scale is unplugged. ${benchMass(step.askedKg)}, within ${benchMass(step.toleranceKg)}; type what went in.`;
  }
  if (kg === undefined) {
    return `weigh to ${benchMass(step.askedKg)}, within ${benchMass(step.toleranceKg)}`;
  }
  const rest = step.askedKg - kg;
  const way =
    Math.abs(rest) <= step.toleranceKg
      ? 'right'
      : rest > 0
        ? `${benchMass(rest)} to go`
        : `${benchMass(-rest)} too much`;
  return `${way} · of ${benchMass(step.askedKg)} · ${reading?.steady ? 'scale steady' : 'still moving'}`;
}

/** The reading as a bar, with the band it must come to. */
function Bar({ step, kg }: { step: Weigh; kg: number }) {
  const at = (mass: number) => Math.max(0, Math.min(100, (mass / (step.askedKg * 1.12)) * 100));
  const band = Math.max(
    1.6,
    at(step.askedKg + step.toleranceKg) - at(step.askedKg - step.toleranceKg),
  );
  return (
    <Box maxW="500px" mt={3} aria-hidden>
      <Svg viewBox="0 0 100 8" w="100%" h="44px" preserveAspectRatio="none" display="block">
        <rect x="0" y="2" width="100" height="4" fill="var(--chakra-colors-rule)" />
        <rect x="0" y="2" width={at(kg)} height="4" fill="currentColor" />
        <rect
          x={at(step.askedKg) - band / 2}
          y="0.5"
          width={band}
          height="7"
          fill="none"
          stroke="var(--chakra-colors-moss)"
          strokeWidth="0.8"
        />
      </Svg>
    </Box>
  );
}
