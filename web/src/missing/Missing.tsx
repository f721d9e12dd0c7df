import { Box, Flex, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { useMissing } from '../server/useMissing';

interface Props {
  /** What the page is about, as the server names it: `product-3`; all where it is left out. */
  about?: string;
  /** Only what has one of these codes. */
  codes?: readonly string[];
  /** How many are shown; the rest are counted. */
  most?: number;
}

/** What is missing here, said where it matters, each with a key that goes where it is mended. */
export function Missing({ about, codes, most = 6 }: Props) {
  const { data } = useMissing();
  const own = (data ?? [])
    .filter((m) => about === undefined || m.about.includes(about))
    .filter((m) => codes === undefined || codes.includes(m.code));
  if (own.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="Missing" borderLeft="5px solid" borderColor="ochre" my={4}>
      {own.slice(0, most).map((m) => (
        <Flex
          key={m.code + m.path + m.message}
          gap={4}
          px={4}
          minH="48px"
          alignItems="center"
          justifyContent="space-between"
          borderBottom="1px solid"
          borderColor="rule"
          bg="panel"
        >
          <Text fontWeight={600}>{m.message}</Text>
          <Link className="plain-link" to={m.path} style={{ flexShrink: 0, padding: '12px 0' }}>
            {m.key}
          </Link>
        </Flex>
      ))}
      {own.length > most && (
        <Text px={4} py={2} color="quiet" bg="panel">
          and {own.length - most} more
        </Text>
      )}
    </Box>
  );
}
