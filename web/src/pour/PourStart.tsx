import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Link } from '../kit/Link';
import { newKey } from '../api/key';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { Order } from './Order';
import { printSheet } from './printSheet';
import { type Opening, useOpenPour } from './script/usePourSession';
import { isEarly, sheetQuery, type Sheet, type Wanted } from '../server/usePour';
import { Wrong } from '../kit/Wrong';

const Press = chakra('button');

interface Props {
  wanted: Wanted;
  sheet: Sheet;
}

/** What can be done with a sheet: pour it, practise it, print it, or say that it is poured. */
export function PourStart({ wanted, sheet }: Props) {
  const navigate = useNavigate();
  const open = useOpenPour();
  const [key] = useState(newKey);
  const [order, setOrder] = useState<number[]>();
  const [mixes, setMixes] = useState('');
  const [early, setEarly] = useState('');
  const least = Number(mixes);
  const opening: Opening = {
    ...openingOf(wanted),
    ...(order && { order }),
    ...(least > 0 && { mixes: Math.floor(least) }),
    ...(early.trim() && { earlyReason: early.trim() }),
  };
  const start = async () => {
    const session = await open.mutateAsync({
      key,
      body: opening,
    });
    await navigate(`/pours/${session.id}`);
  };
  return (
    <Box mt={5}>
      {isEarly(sheet) && (
        <Box maxW="460px">
          <TextField label="why it is poured early" text={early} onText={setEarly} />
        </Box>
      )}
      <Flex gap={3} wrap="wrap" alignItems="center">
        <Press
          type="button"
          disabled={open.isPending}
          onClick={() => void start().catch(() => undefined)}
          minH="64px"
          px={9}
          bg="ink"
          color="ground"
          borderRadius="4px"
          textStyle="label"
          fontSize="24px"
          cursor="pointer"
          _hover={{ bg: 'steel' }}
        >
          To the bench →
        </Press>
        <Key onClick={() => void navigate(`/pour/practice?${sheetQuery(wanted)}`)}>Practise it</Key>
        <Link className="plain-link" to={`/pour/recorded?${sheetQuery(wanted)}`}>
          it is poured already
        </Link>
        <Press
          type="button"
          className="plain-link"
          cursor="pointer"
          onClick={() => void printSheet(opening).catch(() => undefined)}
        >
          print the sheet
        </Press>
      </Flex>
      <Wrong error={open.error} mt={3} />
      <details style={{ marginTop: '16px' }}>
        <summary style={{ cursor: 'pointer', minHeight: '24px' }}>
          order of filling and number of mixes
        </summary>
        <Flex gap={8} mt={2} wrap="wrap">
          <Order sheet={sheet} order={order} onOrder={setOrder} />
          <Box w="220px">
            <TextField
              label={`mixes at least; ${sheet.batches.length} by mixer and clock`}
              text={mixes}
              onText={setMixes}
            />
          </Box>
        </Flex>
      </details>
    </Box>
  );
}

export function openingOf({ fills, colourwayId, firstLayer, waterC }: Wanted): Opening {
  return {
    fills,
    colourwayId,
    ...(firstLayer !== undefined && { firstLayer }),
    ...(waterC !== undefined && { waterC }),
  };
}
