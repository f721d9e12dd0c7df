import { Box, Flex, Text } from '@chakra-ui/react';
import { useMutation, useQuery } from '@tanstack/react-query';
import { Link } from '../kit/Link';
import { client, dataOf } from '../api/client';
import { Key } from '../kit/States';
import { useDefects } from '../server/useInspect';
import { keyOf } from '../server/keys';

/** Seconds that are still to be repaired. */
export function Seconds() {
  const { data: defects } = useDefects();
  const { data } = useQuery({
    queryKey: keyOf('seconds'),
    queryFn: () => dataOf(client.GET('/api/seconds')),
  });
  const mended = useMutation({
    mutationFn: (id: number) =>
      client.POST('/api/inspections/{id}/mended', { params: { path: { id } } }),
  });
  if (!data || data.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="To repair" mt={8}>
      <Text as="h2" textStyle="name" mb={1}>
        Seconds to repair
      </Text>
      {data.map((second) => (
        <Flex
          key={second.inspectionId}
          gap={4}
          alignItems="center"
          borderBottom="1px solid"
          borderColor="rule"
          py={2}
          wrap="wrap"
        >
          <Link className="plain-link" to={`/pieces/${second.pieceId}`}>
            {second.product}, piece {second.pieceId}
          </Link>
          <Text flex={1} minW="240px">
            {second.defects
              .map((d) => defects?.find((x) => x.defect === d))
              .map((d) => (d ? `${d.seen}: ${d.mend}` : ''))
              .join(' ')}
          </Text>
          <Key onClick={() => mended.mutate(second.inspectionId)}>Repaired</Key>
        </Flex>
      ))}
    </Box>
  );
}
