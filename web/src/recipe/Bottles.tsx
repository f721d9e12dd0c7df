import { Box, Text } from '@chakra-ui/react';
import { TextField } from '../kit/TextField';
import type { Stock } from '../server/useStock';
import { numberIn } from '../kit/format';

interface Props {
  pigment: Stock['material'] | undefined;
  /** The cement in a bag of the mix's binder. */
  cementKgABag: number | undefined;
  percent: number;
  onPercent: (percent: number) => void;
}

/** A bottled colour's strength by bottles a bag, which is its percent of the binder. */
export function Bottles({ pigment, cementKgABag, percent, onPercent }: Props) {
  const bottleKg = pigment?.packKg;
  if (!pigment?.liquid) {
    return null;
  }
  if (!bottleKg || !cementKgABag) {
    return (
      <Text color="quiet" maxW="260px" pt="26px">
        Say under Stock what a bottle and a bag hold, to dose by bottles.
      </Text>
    );
  }
  const perBag = (percent * cementKgABag) / 100 / bottleKg;
  return (
    <Box w="170px">
      <TextField
        label="bottles per bag"
        text={String(Math.round(perBag * 1000) / 1000)}
        onText={(text) => {
          const bottles = numberIn(text);
          if (bottles > 0) {
            onPercent((bottles * bottleKg * 100) / cementKgABag);
          }
        }}
      />
      <Text textStyle="small" color="quiet">
        Rinse each into the mix, or batches differ.
      </Text>
    </Box>
  );
}
