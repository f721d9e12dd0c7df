import { Box, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { left } from '../kit/format';
import { useReading } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { Caution } from '../kit/States';
import { benchMass } from '../kit/style/bench';
import { area, say } from '../kit/style/units';
import { useMould, useMouldSum } from '../server/useMoulds';
import { useRoute } from '../server/useRoute';
import type { Group } from '../server/useShelf';

/** Faces do not depend on it. */
const ORDINARY_KG_M3 = 2200;

/**
 * How much sealer a coat takes: from the mould's faces and the route, or, where the mould was
 * measured and its faces are not known, from what the first piece took.
 */
export function CoatPanel({ group }: { group: Group }) {
  const { data: route } = useRoute(String(group.productId));
  const { data: mould } = useMould(String(group.mouldId));
  const { data: sum } = useMouldSum(mould, mould?.shape.coreOffsetMm ?? 0, ORDINARY_KG_M3);
  const [took, setTook] = useState('');
  const { data: read } = useReading(took, 'mass');
  const step = route?.route.steps[group.stepNo];
  const whole = step?.faces === 'inside' ? sum?.insideM2 : sum?.castSurfaceM2;
  const areaM2 = whole === undefined ? undefined : whole / (mould?.shape.cavities ?? 1);
  const eachKg =
    areaM2 && step?.gramsPerM2 ? (areaM2 * step.gramsPerM2) / 1000 : (read?.value ?? 0);
  return (
    <Box mb={2}>
      {sum && areaM2 === undefined && (
        <Box w="300px">
          <QuantityField
            label="the first piece took"
            text={took}
            onText={setTook}
            dimension="mass"
            placeholder="weigh the tin before and after"
          />
        </Box>
      )}
      {eachKg > 0 && (
        <Text mb={2}>
          <b>{benchMass(eachKg)}</b> of sealer a piece, {benchMass(eachKg * group.pieces)} for all
          {areaM2 !== undefined && (
            <>
              : {area(areaM2)} {step?.faces === 'inside' ? 'inside' : 'all over'} at{' '}
              {say(step?.gramsPerM2 ?? 0, 'coverage')}
            </>
          )}
          .
        </Text>
      )}
      <Text mb={2}>
        Thin, and wipe off what stands: thick coats peel.
        {group.round < group.times && step?.gapMin
          ? ` Next coat ${left(step.gapMin * 60_000)} h later, when this one is touch-dry.`
          : ' Touch-dry before anything stands on it; 24 h before use.'}
      </Text>
      <Caution
        line="Ventilate; no flame near solvents."
        more="Food, drink and fish: the sealer must be suited and tested for it."
      />
    </Box>
  );
}
