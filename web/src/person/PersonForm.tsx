import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Choice } from '../kit/Choice';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { type Person, useKeepPerson } from '../server/usePeople';
import { Wrong } from '../kit/Wrong';

const ROLES = [
  ['maker', 'maker'],
  ['owner', 'owner'],
] as const;

const MAY = {
  maker: 'Bench, shelf, moulds, mixes, plan, sending and stock counts. Sees no prices.',
  owner: 'Everything: prices, orders, people, devices and backups too.',
};

interface Props {
  person?: Person;
  /** Whether nobody is here yet, so that this is the owner. */
  first: boolean;
  onDone: () => void;
}

/** Somebody's name, role and ways in; beside it, what the role may do. */
export function PersonForm({ person, first, onDone }: Props) {
  const [name, setName] = useState(person?.name ?? '');
  const [role, setRole] = useState<'owner' | 'maker'>(
    person?.role === 'owner' || first ? 'owner' : 'maker',
  );
  const [password, setPassword] = useState('');
  const [pin, setPin] = useState('');
  const keep = useKeepPerson();
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate(
          {
            ...(person && { person }),
            body: { name, role, ...(password && { password }), ...(pin && { pin }) },
          },
          {
            onSuccess: () => {
              setPassword('');
              setPin('');
              onDone();
            },
          },
        );
      }}
    >
      <Flex gap={6} wrap="wrap" mt={2}>
        <Box flex="1 1 240px" maxW="320px">
          <TextField label="name" text={name} onText={setName} />
          <Choice label="role" value={role} options={ROLES} onValue={setRole} />
          <TextField
            label={
              person?.hasPin ? 'new PIN, if it changes' : 'PIN for paired tablets, 4 to 8 digits'
            }
            text={pin}
            onText={setPin}
            type="password"
            autoComplete="new-password"
          />
          {role === 'owner' && (
            <TextField
              label={
                person?.hasPassword
                  ? 'new password, if it changes'
                  : 'password, 12 characters or more'
              }
              text={password}
              onText={setPassword}
              type="password"
              autoComplete="new-password"
              note={
                password.length > 0 && password.length < 12 ? `${12 - password.length} more` : ''
              }
            />
          )}
        </Box>
        <Box flex="1 1 180px" borderLeft="4px solid" borderColor="steel" pl={4} mb={4}>
          <Text textStyle="name">{role === 'owner' ? 'An owner' : 'A maker'}</Text>
          <Text color="quiet">{MAY[role]}</Text>
          <Text color="quiet" mt={2}>
            {name.trim() || 'The name'} will stand under every pour, step and count.
          </Text>
        </Box>
      </Flex>
      <Wrong error={keep.error} mb={3} />
      <Flex gap={3}>
        <Key main type="submit" busy={keep.isPending} disabled={!name.trim()}>
          {person ? 'Keep' : `Add ${name.trim() || 'them'}`}
        </Key>
        {!first && <Key onClick={onDone}>Not now</Key>}
      </Flex>
    </form>
  );
}
