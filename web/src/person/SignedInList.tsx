import { Box, Flex, Text } from '@chakra-ui/react';
import { Key } from '../kit/States';
import { moment } from '../kit/style/time';
import { useEnd, useSignedIn } from './usePeople';

/** Who is signed in where; any of it is ended from here. */
export function SignedInList({ now }: { now: number }) {
  const { data } = useSignedIn();
  const end = useEnd();
  if (!data || data.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="Signed in" mt={8}>
      <Text textStyle="name" mb={2}>
        Signed in now
      </Text>
      {data.map((s) => (
        <Flex
          key={s.handle}
          gap={4}
          py={2}
          alignItems="center"
          borderTop="1px solid"
          borderColor="rule"
        >
          <Box flex={1}>
            <Text fontWeight={600}>
              {s.name}
              {s.device ? `, on ${s.device}` : ''}
            </Text>
            <Text color="quiet">last seen {moment(Date.parse(s.lastAt), now)}</Text>
          </Box>
          <Key onClick={() => end.mutate({ what: 'session', id: s.handle })}>Sign out</Key>
        </Flex>
      ))}
    </Box>
  );
}
