import { Box, Flex, Text } from '@chakra-ui/react';
import { SmallSection } from '../kit/SmallSection';
import { useMoulds } from '../server/useMoulds';
import { useProducts } from '../server/useProducts';
import { alike } from './alike';
import type { Pick } from '../server/useDispatch';

/** What goes, as it stands on the ready shelf: each in its shape and colour. */
export function PickPieces({ pick }: { pick: Pick }) {
  const { data: products } = useProducts();
  const { data: moulds } = useMoulds();
  return (
    <Flex gap={4} alignItems="flex-end" wrap="wrap" borderBottom="5px solid" borderColor="steel">
      {alike(pick.places.flatMap((p) => p.pieces)).map((own) => {
        const { product, colourway } = own[0];
        const count = own.length;
        const page = products?.find((p) => p.product.name === product);
        const section = moulds?.items.find((m) => m.id === page?.product.mouldId)?.section;
        return (
          <Box key={`${product} ${colourway}`} w="84px" textAlign="center">
            <Text textStyle="small" color="quiet">
              {count > 1 ? `${count} ×` : '\u00a0'}
            </Text>
            <Box h="54px">
              {section && (
                <SmallSection
                  section={section}
                  filled
                  swatch={
                    page?.colourways.find((c) => c.name === colourway)?.swatch ??
                    'var(--chakra-colors-rule)'
                  }
                  title={`${product}, ${colourway}`}
                />
              )}
            </Box>
          </Box>
        );
      })}
    </Flex>
  );
}
