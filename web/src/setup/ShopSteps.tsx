import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Choice } from '../kit/Choice';
import { QuantityField } from '../kit/QuantityField';
import { SmallSection } from '../kit/SmallSection';
import { TextField } from '../kit/TextField';
import { HoursFields } from '../workshop/HoursFields';
import { FAMILIES, type Family } from '../mould/words';
import { Chip } from './Chip';
import type { ShopDraft } from './shop';
import { useShapes } from './useSetUp';

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

const MIXERS = [
  ['1', 'a bowl and a spoon, 1 L'],
  ['12', 'a bucket and a paddle, 12 L'],
  ['40', 'a tub and a paddle, 40 L'],
  ['60', 'a drum mixer, 60 L'],
  ['other', 'something else'],
] as const;

const SCALES = [
  ['0.1', '0.1 g'],
  ['1', '1 g'],
  ['5', '5 g'],
  ['10', '10 g'],
  ['2.83495231', '0.1 oz'],
  ['28.3495231', '1 oz'],
  ['45.359237', '0.1 lb'],
] as const;

/** Mixer or bucket, scoop, scale. */
export function ToolsStep({ shop, change, problemOf }: Props) {
  const known = MIXERS.some(([l]) => l === shop.mixer);
  return (
    <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} columnGap={6} maxW="760px">
      <Choice
        label="mixed in"
        value={known && !shop.otherMixer ? shop.mixer : 'other'}
        options={MIXERS}
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
      <Choice
        label="the scale shows steps of"
        value={shop.scale}
        options={SCALES}
        onValue={(scale) => change({ scale })}
      />
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
