import { Box, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { client, dataOf } from '../../api/client';
import type { Session } from '../script/facts';
import { keyOf } from '../../server/keys';
import { Wrong } from '../../kit/Wrong';

/** What pieces of a practised pour would have suffered, and why. */
export function Suffered({ session }: { session: Session }) {
  const { meant, facts } = session;
  const { data, error } = useQuery({
    queryKey: keyOf('practised', facts),
    queryFn: () => dataOf(client.POST('/api/calc/practised', { body: { meant, facts } })),
    retry: false,
  });
  return (
    <Box as="section" aria-label="What the pieces would have suffered" mt={5} fontSize="20px">
      <Wrong error={error} />
      {data?.length === 0 && (
        <Text color="moss" fontWeight={600}>
          Nothing in what you did speaks for a defect.
        </Text>
      )}
      {data?.map(({ defect, cause }) => (
        <Box key={defect.defect} py={2} borderBottom="1px solid" borderColor="rule">
          <Text textStyle="label" fontSize="22px">
            {defect.seen}: {cause.name}
          </Text>
          <Text color="quiet">
            {cause.fact} {cause.change}
          </Text>
        </Box>
      ))}
    </Box>
  );
}
