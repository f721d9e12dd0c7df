import { Box, Button, Flex, Grid, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { Key } from '../kit/States';
import { useSignIn } from '../server/useSession';
import { Wrong } from '../kit/Wrong';

const DIGITS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', 'clear', '0', 'back'] as const;
const LONGEST = 8;
const SHORTEST = 4;

/** A PIN on keys that a glove hits; a keyboard types into it too. */
export function PinPad({
  person,
  onBack,
}: {
  person: { id: number; name: string };
  onBack: () => void;
}) {
  const [pin, setPin] = useState('');
  const signIn = useSignIn();
  const send = () => {
    if (pin.length >= SHORTEST) {
      signIn.mutate({ personId: person.id, pin }, { onError: () => setPin('') });
    }
  };
  const press = (key: string) =>
    setPin((now) =>
      key === 'clear' ? '' : key === 'back' ? now.slice(0, -1) : (now + key).slice(0, LONGEST),
    );
  useEffect(() => {
    const typed = (e: KeyboardEvent) => {
      if (/^\d$/.test(e.key)) {
        press(e.key);
      } else if (e.key === 'Backspace') {
        press('back');
      } else if (e.key === 'Enter' && (e.target as HTMLElement).tagName !== 'BUTTON') {
        send();
      }
    };
    window.addEventListener('keydown', typed);
    return () => window.removeEventListener('keydown', typed);
  });
  return (
    <Box>
      <Text textStyle="name" fontSize="28px">
        {person.name}
      </Text>
      <Flex
        role="status"
        aria-label={`${pin.length} digits typed`}
        gap={3}
        h="48px"
        alignItems="center"
      >
        {pin.length === 0 && <Text color="quiet">Type your PIN</Text>}
        {[...pin].map((_, i) => (
          <Box key={i} w="18px" h="18px" bg="ink" transform="rotate(45deg)" />
        ))}
      </Flex>
      <Grid templateColumns="repeat(3, 1fr)" gap={2} maxW="360px">
        {DIGITS.map((key) => (
          <Button
            key={key}
            type="button"
            variant="outline"
            h="72px"
            fontFamily="heading"
            fontWeight={600}
            fontSize={key.length > 1 ? '20px' : '34px'}
            bg="panel"
            color="ink"
            borderWidth="2px"
            borderColor="steel"
            borderRadius="2px"
            onClick={() => press(key)}
          >
            {key}
          </Button>
        ))}
      </Grid>
      <Wrong error={signIn.error} mt={3} />
      <Flex gap={3} mt={4}>
        <Key main disabled={pin.length < SHORTEST} busy={signIn.isPending} onClick={send}>
          Go to work
        </Key>
        <Key onClick={onBack}>Somebody else</Key>
      </Flex>
    </Box>
  );
}
