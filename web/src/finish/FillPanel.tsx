import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { Choice } from '../kit/Choice';
import { useMould, useMouldSum } from '../mould/useMoulds';
import { DrainagePanel } from './DrainagePanel';
import { WaxPanel } from './WaxPanel';

/** Volumes do not depend on it. */
const ORDINARY_KG_M3 = 2200;

/** What a vessel is filled with: scented wax, or drainage stones for a planter. */
export function FillPanel({ mouldId, pieces }: { mouldId: number; pieces: number }) {
  const { data: mould } = useMould(String(mouldId));
  const { data: sum } = useMouldSum(mould, mould?.shape.coreOffsetMm ?? 0, ORDINARY_KG_M3);
  const [what, setWhat] = useState<'wax' | 'stones'>('wax');
  const containerL = sum?.vesselL ?? 0;
  return (
    <Box mb={3}>
      <Box w="220px">
        <Choice
          label="filled with"
          value={what}
          options={[['wax', 'scented wax'] as const, ['stones', 'drainage stones'] as const]}
          onValue={setWhat}
        />
      </Box>
      {containerL > 0 &&
        (what === 'wax' ? (
          <WaxPanel containerL={containerL} pieces={pieces} />
        ) : (
          <DrainagePanel containerL={containerL} pieces={pieces} />
        ))}
    </Box>
  );
}
