import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { money } from '../kit/style/money';
import { day } from '../kit/style/time';
import { mass } from '../kit/style/units';
import { useReader } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useNow } from '../server/useWorkshop';
import { type Lot, useStockActs } from '../server/useStock';
import { useSubmit } from '../kit/useSubmit';
import { Wrong } from '../kit/Wrong';

/** One lot: opened, stale, and counted when the books and the bin disagree. */
export function LotRow({ lot }: { lot: Lot }) {
  const now = useNow();
  const acts = useStockActs();
  const read = useReader();
  const [counting, setCounting] = useState(false);
  const [found, setFound] = useState('');
  const [reason, setReason] = useState('counted');
  const { submit, busy, error } = useSubmit();
  const stale = lot.staleOn !== undefined && Date.parse(`${lot.staleOn}T23:59:59`) < now;
  const count = async () => {
    const massKg = await read(found, 'mass');
    await acts.count.mutateAsync({ id: lot.id, body: { massKg, reason } });
    setCounting(false);
  };
  return (
    <Box pl={4} py={1}>
      <Flex gap={5} alignItems="center" wrap="wrap">
        <Text textStyle="label" w="110px">
          {lot.code}
        </Text>
        <Text w="110px">{mass(Number(lot.remainingKg))}</Text>
        <Text color={stale ? 'oxide' : 'quiet'} flex={1}>
          {[
            lot.receivedOn && `came ${day(lot.receivedOn)}`,
            lot.openedOn ? `opened ${day(lot.openedOn)}` : 'not opened',
            lot.staleOn &&
              (stale ? `stale since ${day(lot.staleOn)}` : `keeps to ${day(lot.staleOn)}`),
            lot.price !== undefined && `${money(lot.price)} paid`,
          ]
            .filter(Boolean)
            .join(' · ')}
        </Text>
        {!lot.openedOn && (
          <Key busy={acts.open.isPending} onClick={() => acts.open.mutate(lot.id)}>
            Opened
          </Key>
        )}
        <Key onClick={() => setCounting(!counting)}>Count</Key>
      </Flex>
      {counting && (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            void submit(count);
          }}
        >
          <Flex gap={3} alignItems="flex-end" wrap="wrap">
            <Box w="180px">
              <QuantityField
                label={`found of ${lot.code}`}
                text={found}
                onText={setFound}
                dimension="mass"
              />
            </Box>
            <Box w="240px">
              <TextField label="reason" text={reason} onText={setReason} />
            </Box>
            <Box pb="20px">
              <Key main type="submit" busy={busy}>
                Book the count
              </Key>
            </Box>
          </Flex>
          <Wrong error={error} />
        </form>
      )}
    </Box>
  );
}
