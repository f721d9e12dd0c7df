import { Box, Flex, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { counted } from '../kit/format';
import { moment } from '../kit/style/time';
import { useNow } from '../server/useWorkshop';
import { pathOf, useWaiting } from '../server/usePour';

/** Castings that wait for their second colour, or for the back of their face. */
export function Waiting() {
  const now = useNow();
  const { data } = useWaiting();
  if (!data || data.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="Waiting for a layer" mt={3} maxW="900px">
      {data.map((w) => {
        const at = Date.parse(w.mayStartAt);
        return (
          <Link key={`${w.productId}-${w.castIds.join()}-${w.pieceIds.join()}`} to={pathOf(w)}>
            <Flex
              minH="60px"
              alignItems="center"
              gap={3}
              px={3}
              borderLeft="6px solid"
              borderColor={at <= now ? 'moss' : 'rule'}
              _hover={{ bg: 'panel' }}
            >
              <Box
                aria-hidden
                w="28px"
                h="28px"
                border="1px solid"
                borderColor="steel"
                style={{ background: w.swatch }}
              />
              <Box>
                <Text textStyle="label" fontSize="20px">
                  {w.pieceIds.length > 0
                    ? `${counted(w.pieceIds.length, w.product)} into ${w.copies.join(' ') || 'no free copy'}`
                    : `${w.product} ${w.copies.join(' ')}`}
                  : then {w.layer}, {w.layerColourway}
                </Text>
                <Text textStyle="small" color={at <= now ? 'moss' : 'quiet'}>
                  {at <= now ? 'stiff enough now' : `stiff enough ${moment(at, now)}`}
                </Text>
              </Box>
            </Flex>
          </Link>
        );
      })}
    </Box>
  );
}
