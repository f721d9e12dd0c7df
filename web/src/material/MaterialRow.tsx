import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { bagsAnd, benchMass } from '../kit/format';
import { Key } from '../kit/States';
import { DeliveryForm } from './DeliveryForm';
import { KnownForm } from './KnownForm';
import { LotRow } from './LotRow';
import type { Stock } from './useStock';

type Open = 'delivery' | 'known' | undefined;

/** One material: what is left, its lots, and what the shop knows of it. */
export function MaterialRow({ stock }: { stock: Stock }) {
  const { material } = stock;
  const [open, setOpen] = useState<Open>();
  const left = Number(stock.remainingKg);
  const packs = material.packKg ? left / material.packKg : undefined;
  const lots = stock.lots.filter((l) => Number(l.remainingKg) !== 0);
  return (
    <Box as="section" aria-label={material.name} borderTop="1px solid" borderColor="rule" py={4}>
      <Grid
        templateColumns={{ base: '1fr', md: '1.2fr 170px 1fr auto' }}
        columnGap={5}
        alignItems="baseline"
      >
        <Box>
          <Text textStyle="name">{material.name}</Text>
          <Text textStyle="small" color="quiet">
            {material.role} · {Math.round(material.bulkDensityKgM3)} kg/m³ loose,{' '}
            {material.measured ? 'measured here' : material.source}
          </Text>
        </Box>
        <Text textStyle="figure" color={left < 0 ? 'oxide' : 'ink'}>
          {left.toFixed(1)}{' '}
          <Text as="span" fontSize="18px" fontWeight={500} color="quiet">
            kg
          </Text>
        </Text>
        <Text color="quiet">
          {packs !== undefined && left > 0 && bagsAnd(left, packs)}
          {material.pricePerPack !== undefined &&
            ` · ${Number(material.pricePerPack).toFixed(2)} a pack of ${material.packKg} kg`}
          {material.spoonG !== undefined && ` · spoon ${benchMass(material.spoonG / 1000)}`}
        </Text>
        <Flex gap={2}>
          <Key onClick={() => setOpen(open === 'delivery' ? undefined : 'delivery')}>Delivery</Key>
          <Key onClick={() => setOpen(open === 'known' ? undefined : 'known')}>Scoop, price</Key>
        </Flex>
      </Grid>
      {open === 'delivery' && <DeliveryForm stock={stock} onDone={() => setOpen(undefined)} />}
      {open === 'known' && <KnownForm stock={stock} onDone={() => setOpen(undefined)} />}
      {lots.map((lot) => (
        <LotRow key={lot.id} lot={lot} />
      ))}
    </Box>
  );
}
