import { Box, Flex, Text } from '@chakra-ui/react';
import { useDeferredValue, useState } from 'react';
import { messageOf } from '../api/client';
import { amount as numberOf, withArticle } from '../kit/format';
import { currencySign, pricePerMass } from '../kit/style/money';
import { mass } from '../kit/style/units';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useSubmit } from '../kit/useSubmit';
import { type Stock, useAmount, useStockActs } from '../server/useStock';
import { DateField } from '../kit/DateField';
import { Wrong } from '../kit/Wrong';

/** A delivery becomes a lot, with its own price; the amount as people say it. */
export function DeliveryForm({ stock, onDone }: { stock: Stock; onDone: () => void }) {
  const { material } = stock;
  const acts = useStockActs();
  const [amount, setAmount] = useState('');
  const [price, setPrice] = useState('');
  const [code, setCode] = useState('');
  const [staleOn, setStaleOn] = useState('');
  const read = useAmount(material.id, useDeferredValue(amount.trim()));
  const { submit, busy, error, problemOf } = useSubmit();
  const paid = numberOf(price);
  const send = async () => {
    await acts.receive.mutateAsync({
      id: material.id,
      body: {
        amount,
        ...(code.trim() !== '' && { code }),
        ...(staleOn !== '' && { staleOn }),
        ...(price.trim() !== '' && { price: paid ?? Number.NaN }),
      },
    });
    onDone();
  };
  const amountWrong = amount.trim() !== '' && read.error ? messageOf(read.error) : undefined;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void submit(send);
      }}
    >
      <Flex gap={3} wrap="wrap" alignItems="flex-start">
        <Box w="210px">
          <TextField
            label={`how much came${material.pack ? ` (a pack is ${withArticle(material.pack)})` : ''}`}
            text={amount}
            onText={setAmount}
            problem={problemOf('amount') ?? amountWrong}
          />
        </Box>
        <Box w="150px">
          <TextField
            label={`price of the delivery, ${currencySign()}`}
            text={price}
            onText={setPrice}
            problem={
              price.trim() !== '' && paid === undefined ? 'Give a number.' : problemOf('price')
            }
          />
        </Box>
        <Box w="150px">
          <TextField
            label="lot code, if it has one"
            text={code}
            onText={setCode}
            problem={problemOf('code')}
          />
        </Box>
        <Box w="180px">
          <DateField label="use by, if the label says" text={staleOn} onText={setStaleOn} />
        </Box>
        <Box pt="21px">
          <Key main type="submit" busy={busy} disabled={amount.trim() === ''}>
            Book it
          </Key>
        </Box>
      </Flex>
      {read.data && !amountWrong && amount.trim() !== '' && (
        <Text color="quiet" role="status">
          read as {read.data.echo}, {mass(read.data.massKg)}
          {paid !== undefined && paid > 0 && ` at ${pricePerMass(paid / read.data.massKg)}`}
        </Text>
      )}
      {!problemOf('amount') && !problemOf('price') && <Wrong error={error} />}
    </form>
  );
}
