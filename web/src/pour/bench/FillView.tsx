import { Text } from '@chakra-ui/react';
import { benchMass, stopMass, stopParts } from '../../kit/style/bench';
import type { Step } from '../script/facts';
import { type Reading, scaleKg } from './useScale';
import { type Bench, layerOf, stopOf } from '../words';

interface Props {
  bench: Bench;
  step: Step;
  reading: Reading | undefined;
}

/** How much goes into a copy, and where its mass matters what the scale must show. */
export function FillView({ bench, step, reading }: Props) {
  const { sheet, state } = bench;
  const fill = step.fill;
  if (!fill) {
    return null;
  }
  const copy = state.copies.find((c) => c.copy === fill.copy);
  const begun = copy?.fill === 'part';
  const stop = begun || !fill.whole ? undefined : stopOf(sheet, fill.copy);
  const onScale = stop === undefined ? undefined : scaleKg(reading);
  const toGo = onScale === undefined ? undefined : (stop?.kg ?? 0) - onScale;
  const shown = stopParts(onScale ?? stop?.kg ?? fill.kg);
  const near = toGo !== undefined && Math.abs(toGo) <= (stop?.toleranceKg ?? 0);
  const layers = Object.entries(fill.kgByMix);
  return (
    <>
      <Text textStyle="reading" color={near ? 'moss' : 'ink'}>
        {shown.value}
        <Text as="span" fontSize="56px" fontWeight={500} color="quiet" ml={3}>
          {shown.unit}
        </Text>
      </Text>
      {stop !== undefined && (
        <Text fontSize="24px" fontWeight={600} mt={2}>
          {toGo === undefined
            ? stop.withMould
              ? `stop at ${stopMass(stop.kg)} on the scale (${stopMass(fill.kg)} of mix), the mould on it`
              : `stop at ${stopMass(stop.kg)} (${stopMass(fill.kg)} of mix), tared with the empty mould on it`
            : near
              ? 'right: stop'
              : toGo > 0
                ? `${benchMass(toGo)} to go, stop at ${stopMass(stop.kg)}`
                : `${benchMass(-toGo)} too much: take some out`}
        </Text>
      )}
      <Text fontSize="20px" color="quiet" mt={3}>
        {begun
          ? `of wet mix are still to go into ${fill.copy}; it holds ${stopMass(copy.kg)}`
          : layers.length > 1
            ? `${layers.map(([mix, kg]) => `${stopMass(kg)} ${layerOf(sheet, mix)?.name ?? ''}`).join(', then ')}: poured over, in patches, or turned once in the bowl`
            : fill.whole
              ? `of wet mix goes into ${fill.copy}; under a lip half-fill, work it in, top up`
              : `of wet mix goes into ${fill.copy}, which the next mix fills: leave it rough, and no more than the working time between them`}
      </Text>
      {copy?.twice && (
        <Text fontSize="20px" mt={2}>
          Two mixes meet in it: draw a knife through the join. It is noted.
        </Text>
      )}
    </>
  );
}
