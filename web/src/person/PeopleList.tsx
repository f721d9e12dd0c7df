import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Key } from '../kit/States';
import { PersonForm } from './PersonForm';
import { type Person, useEnd } from '../server/usePeople';
import { Wrong } from '../kit/Wrong';

/** Everybody who works here, with the ways in that they have. */
export function PeopleList({ people }: { people: Person[] }) {
  const [changed, setChanged] = useState<number | 'new'>();
  const end = useEnd();
  const close = () => setChanged(undefined);
  return (
    <Box as="section" aria-label="People">
      {people.length === 0 && (
        <Text mb={4}>
          Nobody yet: whoever sits at this machine does everything, and what is done has no name.
          Begin with yourself, as the owner.
        </Text>
      )}
      {people.map((person) => (
        <Box key={person.id} borderTop="2px solid" borderColor="steel" py={3}>
          <Flex gap={4} alignItems="center" wrap="wrap">
            <Box flex={1} minW="180px">
              <Text textStyle="name">{person.name}</Text>
              <Text color="quiet">
                {person.role} · {waysOf(person)}
              </Text>
            </Box>
            {changed !== person.id && <Key onClick={() => setChanged(person.id)}>Change</Key>}
          </Flex>
          {changed === person.id && (
            <>
              <PersonForm person={person} first={false} onDone={close} />
              <Box mt={4}>
                <Key
                  busy={end.isPending}
                  onClick={() => end.mutate({ what: 'person', id: person.id })}
                >
                  {person.name} no longer works here
                </Key>
                <Wrong error={end.error} mt={2} />
              </Box>
            </>
          )}
        </Box>
      ))}
      <Box borderTop="2px solid" borderColor="steel" pt={3}>
        {changed === 'new' || people.length === 0 ? (
          <PersonForm first={people.length === 0} onDone={close} />
        ) : (
          <Key onClick={() => setChanged('new')}>Somebody new</Key>
        )}
      </Box>
    </Box>
  );
}

function waysOf(person: Person): string {
  if (person.hasPassword) {
    return person.hasPin ? 'password, and PIN on paired tablets' : 'password';
  }
  return person.hasPin ? 'PIN on paired tablets' : 'cannot sign in yet';
}
