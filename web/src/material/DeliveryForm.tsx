import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { messageOf } from '../api/client';
import { useReader } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { type Stock, useStockActs } from './useStock';

/** A delivery becomes a lot. */
export function DeliveryForm({ stock, onDone }: { stock: Stock; onDone: () => void }) {
  const acts = useStockActs();
  const read = useReader();
  const [code, setCode] = useState('');
  const [mass, setMass] = useState('');
  const [staleOn, setStaleOn] = useState('');
  const [wrong, setWrong] = useState<string>();
  const submit = async () => {
    setWrong(undefined);
    try {
      const massKg = await read(mass, 'mass');
      await acts.receive.mutateAsync({
        id: stock.material.id,
        body: { code, massKg, ...(staleOn !== '' && { staleOn }) },
      });
      onDone();
    } catch (error) {
      setWrong(messageOf(error));
    }
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void submit();
      }}
    >
      <Flex gap={3} alignItems="flex-end" wrap="wrap">
        <Box w="150px">
          <TextField label="lot code" text={code} onText={setCode} />
        </Box>
        <Box w="170px">
          <QuantityField label="came in all" text={mass} onText={setMass} dimension="mass" />
        </Box>
        <Box w="190px">
          <TextField label="keeps to, if it says" type="date" text={staleOn} onText={setStaleOn} />
        </Box>
        <Box pb="20px">
          <Key main type="submit" busy={acts.receive.isPending} disabled={code.trim() === ''}>
            Book it
          </Key>
        </Box>
      </Flex>
      {wrong && (
        <Text role="alert" color="oxide" fontWeight={600}>
          {wrong}
        </Text>
      )}
    </form>
  );
}
