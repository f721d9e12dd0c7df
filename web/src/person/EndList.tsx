import { Box, Flex, Text } from '@chakra-ui/react';
import { Key } from '../kit/States';
import { useEnd } from '../server/usePeople';
import { Wrong } from '../kit/Wrong';

interface Row {
  what: 'device' | 'session';
  id: number | string;
  name: string;
  about: string;
}

/** What an owner may end, one row each; a list with nothing in it is not there. */
export function EndList(props: { label: string; title: string; word: string; rows: Row[] }) {
  const { label, title, word, rows } = props;
  const end = useEnd();
  if (rows.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label={label} mt={8}>
      <Text textStyle="name" mb={2}>
        {title}
      </Text>
      {rows.map(({ what, id, name, about }) => (
        <Flex key={id} gap={4} py={2} alignItems="center" borderTop="1px solid" borderColor="rule">
          <Box flex={1}>
            <Text fontWeight={600}>{name}</Text>
            <Text color="quiet">{about}</Text>
          </Box>
          <Key
            busy={end.isPending && end.variables.id === id}
            onClick={() => end.mutate({ what, id })}
          >
            {word}
          </Key>
        </Flex>
      ))}
      <Wrong error={end.error} />
    </Box>
  );
}
