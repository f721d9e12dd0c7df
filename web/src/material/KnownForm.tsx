import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { messageOf } from '../api/client';
import { useReader, withUnit } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { type Stock, useStockActs } from './useStock';
import { numberIn } from '../kit/format';

/** What one level scoop weighs here, what a spoon does, what a pack holds and costs. */
export function KnownForm({ stock, onDone }: { stock: Stock; onDone: () => void }) {
  const { material } = stock;
  const acts = useStockActs();
  const read = useReader();
  const [scoop, setScoop] = useState('');
  const [spoon, setSpoon] = useState(material.spoonG === undefined ? '' : `${material.spoonG} g`);
  const [pack, setPack] = useState(material.packKg === undefined ? '' : `${material.packKg} kg`);
  const [price, setPrice] = useState(
    material.pricePerPack === undefined ? '' : String(material.pricePerPack),
  );
  const [moisture, setMoisture] = useState(String(material.moisturePercent || ''));
  const [absorption, setAbsorption] = useState(String(material.absorptionPercent || ''));
  const [lead, setLead] = useState(String(material.leadDays));
  const [wrong, setWrong] = useState<string>();
  const submit = async () => {
    setWrong(undefined);
    try {
      const [scoopKg, spoonKg, packKg] = await Promise.all(
        [scoop, withUnit(spoon, 'g'), pack].map((t) =>
          t.trim() === '' ? undefined : read(t, 'mass'),
        ),
      );
      await acts.change.mutateAsync({
        stock,
        body: {
          ...(scoopKg !== undefined && { scoopKg }),
          ...(spoonKg !== undefined && { spoonG: spoonKg * 1000 }),
          ...(packKg !== undefined && { packKg }),
          moisturePercent: numberOf(moisture),
          absorptionPercent: numberOf(absorption),
          leadDays: numberOf(lead),
          ...(price.trim() !== '' && { pricePerPack: numberIn(price) }),
        },
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
        <Box w="180px">
          <QuantityField
            label="one level scoop weighs"
            text={scoop}
            onText={setScoop}
            dimension="mass"
          />
        </Box>
        <Box w="150px">
          <QuantityField
            label="one level spoon"
            text={spoon}
            onText={setSpoon}
            dimension="mass"
            bareUnit="g"
          />
        </Box>
        <Box w="150px">
          <QuantityField label="a pack holds" text={pack} onText={setPack} dimension="mass" />
        </Box>
        <Box w="130px">
          <TextField label="a pack costs" text={price} onText={setPrice} />
        </Box>
        <Box w="150px">
          <TextField label="days until it comes" text={lead} onText={setLead} />
        </Box>
        {material.role === 'aggregate' && (
          <>
            <Box w="130px">
              <TextField label="water in it, %" text={moisture} onText={setMoisture} />
            </Box>
            <Box w="150px">
              <TextField label="of that it keeps, %" text={absorption} onText={setAbsorption} />
            </Box>
          </>
        )}
        <Box pb="20px">
          <Key main type="submit" busy={acts.change.isPending}>
            Keep it
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

function numberOf(text: string): number {
  return text.trim() === '' ? 0 : numberIn(text);
}
