import { Box, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { counted } from '../kit/format';
import type { Group } from '../server/useShelf';

/** What joining takes for so many pieces, and whether it is there. */
export function PartsLine({ group, pieces }: { group: Group; pieces: number }) {
  if (group.parts.length === 0) {
    return null;
  }
  return (
    <Box as="ul" listStyleType="none" aria-label="Parts" my={2}>
      {group.parts.map((part) => {
        const wanted = Math.round((part.wanted / group.pieces) * pieces);
        const lacks = wanted - part.ready;
        return (
          <Text as="li" key={part.productId} fontWeight={600} color={lacks > 0 ? 'oxide' : 'ink'}>
            takes {counted(wanted, part.product)}, {part.ready} ready
            {lacks > 0 && (
              <>
                : {lacks} to be made.{' '}
                <Link className="plain-link" to={`/products/${part.productId}`}>
                  its page
                </Link>
              </>
            )}
          </Text>
        );
      })}
    </Box>
  );
}

/** Whether every part is there for so many pieces. */
export function hasParts(group: Group, pieces: number): boolean {
  return group.parts.every((p) => p.ready >= Math.round((p.wanted / group.pieces) * pieces));
}
