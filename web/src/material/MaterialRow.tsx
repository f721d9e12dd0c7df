import { Box, chakra, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from '../kit/Link';
import { counted } from '../kit/format';
import { bagsAnd } from '../kit/style/bench';
import { money, pricePerMass } from '../kit/style/money';
import { density, mass } from '../kit/style/units';
import { Key } from '../kit/States';
import type { Need } from '../server/useNeeds';
import { DeliveryForm } from './DeliveryForm';
import { Lasts } from './Lasts';
import { LotRow } from './LotRow';
import { PackRow } from './PackRow';
import { packsOf } from './packs';
import type { Stock } from '../server/useStock';

const Press = chakra('button');

interface Props {
  stock: Stock;
  /** What the plan takes of it; none where it takes nothing. */
  /** undefined: not known yet; null: the plan takes none of it. */
  need: Need | null | undefined;
}

/** One material on its steel: its packs, what is left, how long it lasts; its lots on a press. */
export function MaterialRow({ stock, need }: Props) {
  const { material } = stock;
  const [open, setOpen] = useState(false);
  const [delivering, setDelivering] = useState(false);
  const left = Number(stock.remainingKg);
  const packs = packsOf(left, material.packKg);
  const lots = stock.lots.filter((l) => Number(l.remainingKg) !== 0);
  const fromTap = material.role === 'water';
  const pieces = stock.remainingPieces;
  const said = fromTap ? 'tap' : pieces === undefined ? mass(left) : counted(pieces, 'piece');
  return (
    <Box as="section" aria-label={material.name} borderBottom="4px solid" borderColor="steel">
      <Grid
        templateColumns={{ base: '1fr auto', md: '270px 110px 180px 1fr' }}
        columnGap={4}
        alignItems="end"
        pt={3}
      >
        <Box pb={1}>
          <Link to={`/stock/${material.id}`}>
            <Text textStyle="name">{material.name}</Text>
          </Link>
          <Text textStyle="small" color="quiet">
            {packs.length > 0 && material.packKg
              ? bagsAnd(left, left / material.packKg)
              : (material.pack ?? '')}
            {material.pricePerPack !== undefined &&
              ` · ${money(material.pricePerPack)} a ${material.pack ?? 'pack'}`}
          </Text>
        </Box>
        <Text
          textStyle="figure"
          textAlign="right"
          pb={1}
          color={left < 0 || (left === 0 && !fromTap) ? 'oxide' : 'ink'}
        >
          {said}
        </Text>
        {fromTap ? (
          <Box />
        ) : (
          <Press
            type="button"
            aria-expanded={open}
            aria-label={`Lots of ${material.name}`}
            onClick={() => setOpen(!open)}
            cursor="pointer"
            textAlign="left"
            minH="46px"
          >
            {packs.length > 0 ? (
              <PackRow pack={material.pack ?? ''} packs={packs} title={`${said} left`} />
            ) : (
              <Text as="span" color="quiet" textStyle="small">
                none left
              </Text>
            )}
          </Press>
        )}
        <Box borderLeft="2px solid" borderColor="ink" display={{ base: 'none', md: 'block' }}>
          {need ? (
            <Lasts need={need} />
          ) : (
            <Text textStyle="small" color="quiet" pl={2} pb={2}>
              {need === undefined || fromTap ? '' : 'the plan takes none of it'}
            </Text>
          )}
        </Box>
      </Grid>
      {open && (
        <Box pb={3} pl={4} borderTop="1px solid" borderColor="rule">
          <Flex gap={4} alignItems="center" wrap="wrap" py={2}>
            <Key onClick={() => setDelivering(!delivering)}>Delivery</Key>
            <Text textStyle="small" color="quiet">
              {density(material.bulkDensityKgM3)} loose,{' '}
              {material.measured ? 'measured here' : material.source}
              {material.lastLotPerKg !== undefined &&
                ` · last paid ${pricePerMass(material.lastLotPerKg)}`}
            </Text>
          </Flex>
          {delivering && <DeliveryForm stock={stock} onDone={() => setDelivering(false)} />}
          {lots.map((lot) => (
            <LotRow key={lot.id} lot={lot} />
          ))}
        </Box>
      )}
    </Box>
  );
}
