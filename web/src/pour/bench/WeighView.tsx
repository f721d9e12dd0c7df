import { Box, chakra, Text } from '@chakra-ui/react';
import { benchMass, benchParts } from '../../kit/style/bench';
import type { Step } from '../script/facts';
import { type Reading, scaleKg } from './useScale';

const Svg = chakra('svg');

type Weigh = NonNullable<Step['weigh']>;

interface Props {
  weigh: Weigh;
  reading: Reading | undefined;
}

/** The one figure: what the scale shows, and how far it is to what is asked. */
export function WeighView({ weigh, reading }: Props) {
  const onScale = scaleKg(reading);
  const shown = benchParts(onScale ?? weigh.askedKg);
  const near = onScale !== undefined && Math.abs(onScale - weigh.askedKg) <= weigh.toleranceKg;
  const most = weigh.mostKg;
  return (
    <>
      <Text textStyle="reading" color={near ? 'moss' : 'ink'}>
        {shown.value}
        <Text as="span" fontSize="56px" fontWeight={500} color="quiet" ml={3}>
          {shown.unit}
        </Text>
      </Text>
      {onScale !== undefined && <Bar weigh={weigh} kg={onScale} />}
      <Text fontSize="20px" color="quiet" mt={2}>
        {words(weigh, reading, onScale)}
      </Text>
      {(weigh.bitByBit || weigh.wentKg > 0) && (
        <Text fontSize="20px" mt={2}>
          {weigh.wentKg > 0 ? `${benchMass(weigh.wentKg)} added so far` : 'nothing added yet'}
          {most !== undefined && weigh.wentKg > most && (
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

function words(weigh: Weigh, reading: Reading | undefined, kg: number | undefined): string {
  const { askedKg, toleranceKg } = weigh;
  if (reading?.state === 'overload') {
    return 'Too much for the scale: take some off. Or type what went in.';
  }
  if (reading?.state === 'unplugged') {
    return `The scale is unplugged. ${benchMass(askedKg)}, within ${benchMass(toleranceKg)}; type what went in.`;
  }
  if (kg === undefined) {
    return `weigh to ${benchMass(askedKg)}, within ${benchMass(toleranceKg)}`;
  }
  const rest = askedKg - kg;
  const way =
    Math.abs(rest) <= toleranceKg
      ? 'right'
      : rest > 0
        ? `${benchMass(rest)} to go`
        : `${benchMass(-rest)} too much`;
  return `${way} · of ${benchMass(askedKg)} · ${reading?.steady ? 'scale steady' : 'still moving'}`;
}

/** The reading as a bar, with the band it must come to. */
function Bar({ weigh, kg }: { weigh: Weigh; kg: number }) {
  const { askedKg, toleranceKg } = weigh;
  const at = (mass: number) => Math.max(0, Math.min(100, (mass / (askedKg * 1.12)) * 100));
  const band = Math.max(1.6, at(askedKg + toleranceKg) - at(askedKg - toleranceKg));
  return (
    <Box maxW="500px" mt={3} aria-hidden>
      <Svg viewBox="0 0 100 8" w="100%" h="44px" preserveAspectRatio="none" display="block">
        <rect x="0" y="2" width="100" height="4" fill="var(--chakra-colors-rule)" />
        <rect x="0" y="2" width={at(kg)} height="4" fill="currentColor" />
        <rect
          x={at(askedKg) - band / 2}
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
