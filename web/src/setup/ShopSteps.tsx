import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Choice } from '../kit/Choice';
import { QuantityField } from '../kit/QuantityField';
import { SmallSection } from '../kit/SmallSection';
import { TextField } from '../kit/TextField';
import { entry } from '../kit/style/entry';
import { style } from '../kit/style/style';
import { L_PER_GALLON } from '../kit/style/units';
import { HoursFields } from '../workshop/HoursFields';
import { ScaleChoice, StyleFields } from '../workshop/StyleFields';
import { FAMILIES, type Family } from '../mould/words';
import { Chip } from './Chip';
import type { ShopDraft } from './shop';
import { useShapes } from '../server/useSetUp';

interface Props {
  shop: ShopDraft;
  change: (part: Partial<ShopDraft>) => void;
  problemOf: (field: string) => string | undefined;
}

/** What stands over the door. */
export function NameStep({ shop, change, problemOf }: Props) {
  return (
    <Grid templateColumns={{ base: '1fr', md: '440px 1fr' }} columnGap={9}>
      <TextField
        label="name of your shop"
        text={shop.name}
        onText={(name) => change({ name })}
        problem={problemOf('name')}
      />
      <Box borderTop="6px solid" borderColor="steel" pt={3} mt={5}>
        <Text textStyle="title">{shop.name || 'Your shop'}</Text>
        <Text color="quiet">so it stands on slips, labels and the shelf by the door</Text>
      </Box>
    </Grid>
  );
}

/** When somebody is in. */
export function HoursStep({ shop, change, problemOf }: Props) {
  return (
    <HoursFields hours={shop.hours} onHours={(hours) => change({ hours })} problemOf={problemOf} />
  );
}

/** How quantities, money and times are written. */
export function UnitsStep({ shop, change, problemOf }: Props) {
  return (
    <StyleFields draft={shop.style} onDraft={(style) => change({ style })} problemOf={problemOf} />
  );
}

/** Usual mixers, in litres: round in the shop's units. */
const MIXERS = [
  ['a bowl and a spoon', { metric: 1, us: L_PER_GALLON / 4 }],
  ['a bucket and a paddle', { metric: 12, us: 3 * L_PER_GALLON }],
  ['a tub and a paddle', { metric: 40, us: 10 * L_PER_GALLON }],
  ['a drum mixer', { metric: 60, us: 15 * L_PER_GALLON }],
] as const;

/** Mixer or bucket, scoop, scale. */
export function ToolsStep({ shop, change, problemOf }: Props) {
  const mixers = MIXERS.map(([name, litres]) => {
    const size = entry(litres[style().units], 'volume');
    return [size, `${name}, ${size}`] as const;
  });
  const known = mixers.some(([size]) => size === shop.mixer);
  return (
    <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} columnGap={6} maxW="760px">
      <Choice
        label="mixed in"
        value={known && !shop.otherMixer ? shop.mixer : 'other'}
        options={[...mixers, ['other', 'something else'] as const]}
        onValue={(mixer) =>
          mixer === 'other' ? change({ otherMixer: true }) : change({ mixer, otherMixer: false })
        }
        problem={problemOf('mixerL')}
      />
      {shop.otherMixer || !known ? (
        <QuantityField
          label="largest mix"
          text={shop.mixer}
          onText={(mixer) => change({ mixer })}
          dimension="volume"
          problem={problemOf('mixerL')}
        />
      ) : (
        <Box />
      )}
      <QuantityField
        label="one level scoop holds"
        text={shop.scoop}
        onText={(scoop) => change({ scoop })}
        dimension="volume"
        problem={problemOf('scoopL')}
      />
      <ScaleChoice draft={shop.style} onDraft={(changed) => change({ style: changed })} />
    </Grid>
  );
}

const PICTURES: Record<Family, string> = {
  vessels: 'pot',
  trays: 'tray',
  pavers: 'frame',
  lamps: 'vase',
  fitnessStones: 'sphere',
};

/** Which of the five families are made here. */
export function FamiliesStep({ shop, change }: Props) {
  const { data: shapes } = useShapes();
  const flip = (family: string) =>
    change({
      families: shop.families.includes(family)
        ? shop.families.filter((f) => f !== family)
        : [...shop.families, family],
    });
  return (
    <Flex wrap="wrap" gap={3}>
      {FAMILIES.map(([family, name]) => {
        const shape = shapes?.find((s) => s.code === PICTURES[family]);
        return (
          <Chip
            key={family}
            name={name}
            width="170px"
            on={shop.families.includes(family)}
            onPress={() => flip(family)}
          >
            <Box aria-hidden h="110px" px={4}>
              {shape && (
                <SmallSection
                  section={shape.section}
                  filled
                  swatch="var(--chakra-colors-rule)"
                  title=""
                />
              )}
            </Box>
          </Chip>
        );
      })}
    </Flex>
  );
}
