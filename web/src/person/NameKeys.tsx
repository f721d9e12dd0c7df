import { Button, Flex } from '@chakra-ui/react';
import type { Session } from '../server/useSession';

type Name = Session['names'][number];

/** Everybody who can sign in here, each a key. */
export function NameKeys({ names, onName }: { names: Name[]; onName: (name: Name) => void }) {
  return (
    <Flex gap={3} wrap="wrap">
      {names.map((name) => (
        <Button
          key={name.id}
          type="button"
          variant="outline"
          minW="200px"
          h="88px"
          px={6}
          textStyle="label"
          fontSize="26px"
          bg="panel"
          color="ink"
          borderWidth="2px"
          borderColor="steel"
          borderBottomWidth="6px"
          borderRadius="2px"
          onClick={() => onName(name)}
        >
          {name.name}
        </Button>
      ))}
    </Flex>
  );
}
