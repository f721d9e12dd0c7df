import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Choice } from '../kit/Choice';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { Qr } from './Qr';
import { type Lan, useOffer } from '../server/usePeople';
import { Wrong } from '../kit/Wrong';

const KINDS = [
  ['tablet', 'a tablet, for names and PINs'],
  ['screen', 'a screen that shows the shelf'],
] as const;

/** A code that lets one device in, to be scanned or typed there. */
export function PairDevice({ lan }: { lan: Lan }) {
  const [name, setName] = useState('');
  const [kind, setKind] = useState<'tablet' | 'screen'>('tablet');
  const offer = useOffer();
  const code = offer.data?.code;
  return (
    <Box
      as="section"
      aria-label="Pair a device"
      mt={8}
      borderTop="4px solid"
      borderColor="steel"
      pt={3}
    >
      <Text textStyle="name">Pair a device</Text>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          offer.mutate({ name, kind });
        }}
      >
        <Flex gap={4} wrap="wrap">
          <Box flex="1 1 200px">
            <TextField label="where it is, or whose" text={name} onText={setName} />
          </Box>
          <Box flex="1 1 220px">
            <Choice label="it is" value={kind} options={KINDS} onValue={setKind} />
          </Box>
        </Flex>
        <Key main type="submit" busy={offer.isPending} disabled={!name.trim()}>
          Make a code
        </Key>
      </form>
      <Wrong error={offer.error} mt={2} />
      {code && (
        <Flex gap={5} mt={4} alignItems="center" wrap="wrap">
          <Qr text={`${lan.addresses[0]}?code=${code}`} what="address with the code" />
          <Box flex={1} minW="200px">
            <Text textStyle="figure" letterSpacing="0.08em" aria-label="code">
              {code.slice(0, 4)} {code.slice(4)}
            </Text>
            <Text color="quiet">
              Scan it on the device, or open the address there and choose “Pair this device”. Good
              once, for ten minutes.
            </Text>
          </Box>
        </Flex>
      )}
    </Box>
  );
}
