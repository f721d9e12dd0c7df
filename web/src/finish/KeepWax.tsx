import { Box, Flex, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf, messageOf, type Schemas } from '../api/client';
import { Choice } from '../kit/Choice';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useStock } from '../server/useStock';
import { useProduct } from '../server/useProducts';

type Wax = Schemas['WaxKept'];

/** Keeps a filling with its product: from then on it is taken from stock, costed and weighed. */
export function KeepWax({ productId, fill }: { productId: number; fill: Wax['fill'] }) {
  const { data: page } = useProduct(String(productId));
  const { data: stock } = useStock();
  const [wax, setWax] = useState<string>();
  const [fragrance, setFragrance] = useState<string>();
  const [wicks, setWicks] = useState<string>();
  const keep = useMutation({
    mutationFn: (kept: Wax | undefined) =>
      dataOf(
        client.PUT('/api/products/{id}/wax', {
          params: {
            path: { id: productId },
            header: { 'If-Match': `"${page?.product.version ?? 0}"` },
          },
          body: { ...(kept && { wax: kept }) },
        }),
      ),
  });
  if (!page || !stock) {
    return null;
  }
  const kept = page.product.wax;
  const materials = stock.map((s) => [String(s.material.id), s.material.name] as const);
  const waxId = wax ?? (kept ? String(kept.waxId) : '');
  const fragranceId = fragrance ?? (kept?.fragranceId ? String(kept.fragranceId) : '');
  const wickCount = wicks ?? String(kept?.wicks ?? 1);
  return (
    <Box my={3}>
      <Flex gap={3} wrap="wrap" alignItems="flex-start">
        <Box w="200px">
          <Choice
            label="wax, from stock"
            value={waxId}
            options={[['', 'choose one'] as const, ...materials]}
            onValue={setWax}
          />
        </Box>
        <Box w="200px">
          <Choice
            label="fragrance, from stock"
            value={fragranceId}
            options={[['', 'none kept'] as const, ...materials]}
            onValue={setFragrance}
          />
        </Box>
        <Box w="90px">
          <TextField label="wicks" text={wickCount} onText={setWicks} />
        </Box>
        <Box pt="21px">
          <Key
            disabled={waxId === '' || keep.isPending}
            onClick={() =>
              keep.mutate({
                waxId: Number(waxId),
                ...(fragranceId !== '' && { fragranceId: Number(fragranceId) }),
                fill,
                wicks: Number(wickCount),
              })
            }
          >
            Keep with {page.product.name}
          </Key>
        </Box>
        {kept && (
          <Box pt="21px">
            <Key onClick={() => keep.mutate(undefined)}>Fill it with nothing</Key>
          </Box>
        )}
      </Flex>
      <Text textStyle="small" color={keep.error ? 'oxide' : 'quiet'} role="status">
        {keep.error
          ? messageOf(keep.error)
          : kept
            ? 'Kept: filling takes it from stock, and it counts in the cost and the parcel.'
            : 'Kept with the product, filling takes it from stock.'}
      </Text>
    </Box>
  );
}
