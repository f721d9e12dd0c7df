import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Choice } from '../kit/Choice';
import { useReading } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { volume } from '../kit/style/units';
import { useMould, useMouldSum } from '../server/useMoulds';
import { DrainagePanel } from './DrainagePanel';
import { WaxPanel } from './WaxPanel';

/**
 * What a vessel is filled with: scented wax, or drainage stones for a planter. What it holds is
 * known of a drawn mould and of a measured one whose inner pot was measured; for any other, and for
 * one that came out otherwise, it is typed here.
 */
export function FillPanel({
  mouldId,
  productId,
  pieces,
}: {
  mouldId: number;
  productId?: number;
  pieces: number;
}) {
  const { data: mould } = useMould(String(mouldId));
  const { data: sum } = useMouldSum(mould, mould?.shape.coreOffsetMm ?? 0);
  const [what, setWhat] = useState<'wax' | 'stones'>('wax');
  const [typed, setTyped] = useState('');
  const { data: read } = useReading(typed, 'volume');
  const foretold = sum?.vesselL ?? 0;
  const containerL = typed.trim() === '' ? foretold : (read?.value ?? 0);
  return (
    <Box mb={3}>
      <Flex gap={3} wrap="wrap" alignItems="flex-start">
        <Box w="220px">
          <Choice
            label="filled with"
            value={what}
            options={[['wax', 'scented wax'] as const, ['stones', 'drainage stones'] as const]}
            onValue={setWhat}
          />
        </Box>
        {sum && (
          <Box w="220px">
            <QuantityField
              label="one holds, to its rim"
              text={typed}
              onText={setTyped}
              dimension="volume"
              placeholder={foretold > 0 ? volume(foretold) : ''}
            />
          </Box>
        )}
      </Flex>
      {sum && containerL === 0 && (
        <Text mb={2}>
          The mould does not say what a piece holds. Fill one with water to its rim and measure the
          water: by the jug, or by its weight.
        </Text>
      )}
      {containerL > 0 &&
        (what === 'wax' ? (
          <WaxPanel
            containerL={containerL}
            pieces={pieces}
            {...(productId !== undefined && { productId })}
          />
        ) : (
          <DrainagePanel containerL={containerL} pieces={pieces} />
        ))}
    </Box>
  );
}
