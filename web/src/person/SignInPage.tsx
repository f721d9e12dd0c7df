import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useTitle } from '../kit/useTitle';
import { PairForm } from './PairForm';
import { PasswordForm } from './PasswordForm';
import { PinPad } from './PinPad';
import { NameKeys } from './NameKeys';
import type { Session } from '../server/useSession';

type Way = 'names' | 'password' | 'pair';

/** Where nobody is signed in: a paired tablet shows its people, any other device asks for more. */
export function SignInPage({ session }: { session: Session }) {
  useTitle('Sign in');
  const paired = session.deviceKind === 'tablet';
  const [way, setWay] = useState<Way>(
    new URLSearchParams(location.search).has('code') && !paired
      ? 'pair'
      : session.names.length > 0
        ? 'names'
        : 'password',
  );
  const [person, setPerson] = useState<Session['names'][number]>();
  return (
    <Flex as="main" minH="100vh" bg="ground" color="ink">
      <Box
        aria-hidden
        w={{ base: '20px', md: '112px' }}
        bg="post"
        backgroundImage="repeating-linear-gradient({colors.slot} 0 14px, transparent 14px 34px)"
        backgroundSize="14px 100%"
        backgroundRepeat="no-repeat"
        backgroundPosition="8px 10px"
      />
      <Box px={{ base: 5, md: 12 }} py={{ base: 8, md: 14 }} flex={1} maxW="980px">
        <Text textStyle="label" fontSize="22px" color="quiet">
          Iron Shelf{session.device ? `, ${session.device}` : ''}
        </Text>
        <Text as="h1" textStyle="title" mb={6}>
          {way === 'names' ? 'Who is here?' : way === 'pair' ? 'Pair this device' : 'Sign in'}
        </Text>
        <Grid templateColumns={{ base: '1fr', md: '1fr 300px' }} gap={12}>
          <Box>
            {way === 'names' &&
              (person ? (
                <PinPad person={person} onBack={() => setPerson(undefined)} />
              ) : (
                <NameKeys names={session.names} onName={setPerson} />
              ))}
            {way === 'password' && <PasswordForm />}
            {way === 'pair' && <PairForm />}
          </Box>
          <Ways way={way} session={session} paired={paired} onWay={setWay} />
        </Grid>
      </Box>
    </Flex>
  );
}

interface WaysProps {
  way: Way;
  session: Session;
  paired: boolean;
  onWay: (way: Way) => void;
}

/** The other ways in, and whom each is for. */
function Ways({ way, session, paired, onWay }: WaysProps) {
  const ways: [Way, string, string][] = [];
  if (session.names.length > 0) {
    ways.push(['names', 'By name and PIN', 'For everybody who works here.']);
  }
  ways.push(['password', 'With a password', 'For owners, from any device.']);
  if (!paired && !session.ownMachine) {
    ways.push([
      'pair',
      'Pair this device',
      'Once, with a code from the owner: a tablet at the bench, a screen at the door.',
    ]);
  }
  return (
    <Box as="nav" aria-label="Other ways" borderTop="4px solid" borderColor="steel" pt={3}>
      {ways
        .filter(([w]) => w !== way)
        .map(([w, name, what]) => (
          <Box key={w} mb={5}>
            <button type="button" className="plain-link" onClick={() => onWay(w)}>
              {name}
            </button>
            <Text color="quiet">{what}</Text>
          </Box>
        ))}
    </Box>
  );
}
