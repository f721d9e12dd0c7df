import { Box } from '@chakra-ui/react';
import { GoodsChoice } from '../product/choice/GoodsChoice';
import { useProducts } from '../server/useProducts';
import type { Open } from './CopyRow';

/** A product in a colourway, as the address says it. */
export function useForStock(said: string | null): Open | undefined {
  const { data } = useProducts();
  const [productId, colourwayId] = (said ?? '').split('-').map(Number);
  const page = data?.find((p) => p.product.id === productId);
  const colourway = page?.colourways.find((c) => c.id === colourwayId);
  return page && colourway
    ? {
        key: `stock-${said}`,
        productId: page.product.id,
        product: page.product.name,
        mouldId: page.product.mouldId,
        colourwayId: colourway.id,
        colourway: colourway.name,
        swatch: colourway.swatch,
        forWhom: 'stock',
        mixKey: page.mixKeys[page.colourways.indexOf(colourway)] ?? '',
      }
    : undefined;
}

/** What the same mix could fill for stock besides. */
export function useAlsoForStock(chosen: Open | undefined): Open[] {
  const { data } = useProducts();
  return (data ?? []).flatMap(({ product, colourways, mixKeys }) =>
    colourways
      .filter((_, i) => chosen !== undefined && mixKeys[i] === chosen.mixKey)
      .slice(0, 1)
      .map((c) => ({
        key: `stock-${product.id}-${c.id}`,
        productId: product.id,
        product: product.name,
        mouldId: product.mouldId,
        colourwayId: c.id,
        colourway: c.name,
        swatch: c.swatch,
        forWhom: 'stock',
        mixKey: chosen?.mixKey ?? '',
      })),
  );
}

interface Props {
  value: string;
  onValue: (said: string) => void;
}

/** Any product in any of its colourways, without an order. */
export function ForStock({ value, onValue }: Props) {
  const { data } = useProducts();
  return !data || data.length === 0 ? null : (
    <Box mt={4}>
      <GoodsChoice label="for stock" value={value} onValue={onValue} />
    </Box>
  );
}
