import { Box, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { left } from '../kit/format';
import { useReading } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { Caution } from '../kit/States';
import { benchMass } from '../kit/style/bench';
import { area, say } from '../kit/style/units';
import { useCoat } from '../server/useCoat';
import type { Group } from '../server/useShelf';

/**
 * How much sealer a coat takes: from the mould's faces and the route, or, where the mould was
 * measured and its faces are not known, from what the first piece took.
 */
export function CoatPanel({ group }: { group: Group }) {
  const [took, setTook] = useState('');
  const { data: read } = useReading(took, 'mass');
  const { data: found } = useCoat(group, read?.value);
  return (
    <Box mb={2}>
      {found && found.areaM2 === undefined && (
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
      {found?.coat && (
        <Text mb={2}>
          <b>{benchMass(found.coat.eachKg)}</b> of sealer a piece, {benchMass(found.coat.allKg)} for
          all
          {found.areaM2 !== undefined && (
            <>
              : {area(found.areaM2)} {found.faces === 'inside' ? 'inside' : 'all over'} at{' '}
              {say(found.gramsPerM2, 'coverage')}
            </>
          )}
          .
        </Text>
      )}
      <Text mb={2}>
        Thin, and wipe off what stands: thick coats peel.
        {group.round < group.times && found && found.gapMin > 0
          ? ` Next coat ${left(found.gapMin * 60_000)} h later, when this one is touch-dry.`
          : ' Touch-dry before anything stands on it; 24 h before use.'}
      </Text>
      <Caution
        line="Ventilate; no flame near solvents."
        more="Food, drink and fish: the sealer must be suited and tested for it."
      />
    </Box>
  );
}
