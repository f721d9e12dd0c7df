import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useReading } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import type { History, useCopyActs } from '../server/useCopy';
import { numberIn } from '../kit/format';
import { DateField } from '../kit/DateField';
import { currencySign } from '../kit/style/money';
import { entry } from '../kit/style/entry';
import { Wrong } from '../kit/Wrong';

interface Props {
  history: History;
  change: ReturnType<typeof useCopyActs>['change'];
}

/** Where a copy hangs, when it was bought and for how much, what it weighs empty. */
export function FactsForm({ history, change }: Props) {
  const { copy } = history;
  const [open, setOpen] = useState(false);
  const [place, setPlace] = useState(copy.place ?? '');
  const [boughtOn, setBoughtOn] = useState(copy.boughtOn ?? '');
  const [boughtFor, setBoughtFor] = useState(String(copy.boughtFor ?? ''));
  const [empty, setEmpty] = useState(entry(copy.emptyKg, 'mass'));
  const { data: emptyMass } = useReading(empty, 'mass');
  if (!open) {
    return <Key onClick={() => setOpen(true)}>Its place, price and mass</Key>;
  }
  // Casts of before are what is counted less what was cast here.
  const here = history.casts.filter((c) => c.emptiedAt !== undefined).length;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate(
          {
            code: copy.code,
            castsBefore: copy.casts - here,
            ...(place.trim() !== '' && { place: place.trim() }),
            ...(emptyMass && { emptyKg: emptyMass.value }),
            ...(boughtOn !== '' && { boughtOn }),
            ...(boughtFor.trim() !== '' && { boughtFor: numberIn(boughtFor) }),
          },
          { onSuccess: () => setOpen(false) },
        );
      }}
    >
      <Flex gap={3} alignItems="flex-end" wrap="wrap">
        <Box w="150px">
          <TextField label="place" text={place} onText={setPlace} />
        </Box>
        <Box w="180px">
          <DateField label="bought on" text={boughtOn} onText={setBoughtOn} />
        </Box>
        <Box w="120px">
          <TextField
            label={`price paid, ${currencySign()}`}
            text={boughtFor}
            onText={setBoughtFor}
          />
        </Box>
        <Box w="210px">
          <QuantityField
            label="empty weight with its core"
            text={empty}
            onText={setEmpty}
            dimension="mass"
          />
        </Box>
        <Flex pb="20px" gap={3}>
          <Key main type="submit" busy={change.isPending}>
            Keep it
          </Key>
          <Key onClick={() => setOpen(false)}>Close</Key>
        </Flex>
      </Flex>
      <Wrong error={change.error} />
    </form>
  );
}
