import { Box, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf, messageOf } from '../api/client';
import { benchMass } from '../kit/style/bench';
import { numberIn } from '../kit/format';
import { TextField } from '../kit/TextField';
import { keyOf } from '../server/keys';

/** Stones at the foot of a planter, so that its roots do not stand in water. */
export function DrainagePanel({ containerL, pieces }: { containerL: number; pieces: number }) {
  const [share, setShare] = useState('20');
  const sharePercent = numberIn(share);
  const { data, error } = useQuery({
    queryKey: keyOf('drainage', containerL, share, pieces),
    queryFn: () =>
      dataOf(client.POST('/api/calc/drainage', { body: { containerL, sharePercent, pieces } })),
  });
  return (
    <Box as="section" aria-label="Drainage">
      <Box w="190px">
        <TextField
          label="layer depth, % of inside"
          text={share}
          onText={setShare}
          problem={error ? messageOf(error) : undefined}
        />
      </Box>
      {data && (
        <Text fontSize="20px" fontWeight={600}>
          {benchMass(data.allKg)} of stones for {pieces}, {benchMass(data.stonesKg)} each
        </Text>
      )}
      <Text>See that the drain hole is open: drill it wet, after a week.</Text>
    </Box>
  );
}
