import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { bagsAnd } from '../kit/style/bench';
import { money, pricePerMass } from '../kit/style/money';
import { density, mass } from '../kit/style/units';
import { Key } from '../kit/States';
import { LinkKey } from '../kit/Tabs';
import { DeliveryForm } from './DeliveryForm';
import { LotRow } from './LotRow';
import type { Stock } from './useStock';

/** One material: what is left, its lots, and what the shop knows of it. */
export function MaterialRow({ stock }: { stock: Stock }) {
  const { material } = stock;
  const [delivering, setDelivering] = useState(false);
  const left = Number(stock.remainingKg);
  const packs = material.packKg ? left / material.packKg : undefined;
  const lots = stock.lots.filter((l) => Number(l.remainingKg) !== 0);
  const fromTap = material.role === 'water';
  const pieces = material.pieceG ? Math.round((left * 1000) / material.pieceG) : undefined;
  return (
    <Box as="section" aria-label={material.name} borderTop="1px solid" borderColor="rule" py={3}>
      <Grid
        templateColumns={{ base: '1fr', md: '1.2fr 150px 1fr auto' }}
        columnGap={5}
        alignItems="center"
      >
        <Box>
          <Link to={`/stock/${material.id}`}>
            <Text textStyle="name">{material.name}</Text>
          </Link>
          <Text textStyle="small" color="quiet">
            {density(material.bulkDensityKgM3)} loose,{' '}
            {material.measured ? 'measured here' : material.source}
          </Text>
        </Box>
        <Text textStyle="figure" color={left < 0 || (left === 0 && !fromTap) ? 'oxide' : 'ink'}>
          {fromTap ? 'tap' : pieces !== undefined ? `${pieces} pcs` : mass(left)}
        </Text>
        <Text color="quiet">
          {packs !== undefined && left > 0 && bagsAnd(left, packs)}
          {material.pricePerPack !== undefined &&
            ` · ${money(material.pricePerPack)} a ${material.pack ?? 'pack'}`}
          {material.lastLotPerKg !== undefined &&
            ` · last paid ${pricePerMass(material.lastLotPerKg)}`}
        </Text>
        <Flex gap={2}>
          {!fromTap && <Key onClick={() => setDelivering(!delivering)}>Delivery</Key>}
          <LinkKey to={`/stock/${material.id}`}>Change</LinkKey>
        </Flex>
      </Grid>
      {delivering && <DeliveryForm stock={stock} onDone={() => setDelivering(false)} />}
      {lots.map((lot) => (
        <LotRow key={lot.id} lot={lot} />
      ))}
    </Box>
  );
}
