import { Box, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { client, dataOf } from '../api/client';
import { benchMass } from '../kit/style/bench';
import { plural } from '../kit/format';
import { useMoulds } from '../mould/useMoulds';
import { useProducts } from '../product/useProducts';
import type { Sheet } from './usePour';

/** So many kinds the sum is exact for. */
const MOST_KINDS = 50;

/** What will be left, and which small free moulds take it best. */
export function LeftView({ sheet }: { sheet: Sheet }) {
  const { data: moulds } = useMoulds();
  const { data: products } = useProducts();
  const yieldL = sheet.layers.reduce((sum, l) => sum + l.yieldL, 0);
  const mixedKg = sheet.layers.flatMap((l) => l.lines).reduce((sum, l) => sum + l.massKg, 0);
  const densityKgL = mixedKg / yieldL;
  const leftKg = (yieldL - sheet.capacityL) * densityKgL;
  const chosen = new Set(sheet.fills.flatMap((f) => f.copies.map((c) => c.copy.id)));
  const fillers = (moulds?.items ?? [])
    .map((m) => ({
      mould: m.name,
      massKg: m.capacityL * densityKgL,
      free: m.copies.filter((c) => !c.held && c.condition === 'good' && !chosen.has(c.id)).length,
      worth: Math.max(
        1,
        ...(products ?? [])
          .filter((p) => p.product.mouldId === m.id)
          .map((p) => Number(p.product.price)),
      ),
    }))
    .filter((f) => f.free > 0 && f.massKg <= leftKg)
    .slice(0, MOST_KINDS);
  const { data } = useQuery({
    queryKey: ['leftover', leftKg, fillers],
    queryFn: () => dataOf(client.POST('/api/calc/leftover', { body: { leftKg, fillers } })),
    enabled: moulds !== undefined && leftKg > 0,
    staleTime: Infinity,
  });
  return (
    <Box>
      <Text fontSize="26px">About {benchMass(Math.max(0, leftKg))} will be left.</Text>
      {data && data.fill.length > 0 && (
        <Text fontSize="26px" mt={2}>
          It fills {data.fill.map((f) => plural(f.count, f.mould)).join(', ')};{' '}
          {benchMass(data.wastedKg)} is then over.
        </Text>
      )}
      {data?.fill.length === 0 && (
        <Text fontSize="22px" color="quiet" mt={2}>
          No free mould is small enough for it. Keep one beside the big ones; never the drain.
        </Text>
      )}
    </Box>
  );
}
