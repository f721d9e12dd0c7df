import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { amount } from '../kit/format';
import { mass } from '../kit/style/units';
import { Choice } from '../kit/Choice';
import { SmallSection } from '../kit/SmallSection';
import { TextField } from '../kit/TextField';
import { Chip } from './Chip';
import { flipColour, withShare } from './draft';
import type { Answers } from './useProductDraft';

const WAYS = [
  ['each', 'each piece in one of them'],
  ['one', 'all in one piece, by share'],
] as const;

/** Pieces in the colours that could be made stand on steel; those chosen are framed. */
export function ColourStep({ draft, change, shape, preview }: Answers) {
  const offers = preview.data?.colours ?? [];
  const section = preview.data?.moulds[0]?.sum.section ?? shape?.section;
  const sum = draft.colours.reduce((s, c) => s + (amount(c.share) ?? 0), 0);
  const isWhole = Math.abs(sum - 100) <= 0.5;
  const layers = isWhole ? preview.data?.layersDryMixKg : undefined;
  return (
    <Grid templateColumns={{ base: '1fr', lg: '1fr 330px' }} columnGap={9} rowGap={5}>
      <Flex wrap="wrap" rowGap={2} alignContent="flex-start">
        {offers.map((o) => (
          <Chip
            key={o.code}
            name={o.name}
            hint={
              o.pigment === undefined
                ? 'no pigment'
                : `${o.percentOfCement} %${o.inShop ? '' : ', to be bought'}`
            }
            on={draft.colours.some((c) => c.code === o.code)}
            onPress={() => change({ colours: flipColour(draft.colours, o) })}
          >
            <Box aria-hidden h="84px" px={2}>
              {section && <SmallSection section={section} filled swatch={o.swatch} title="" />}
            </Box>
          </Chip>
        ))}
      </Flex>
      <Box>
        {draft.colours.length === 0 && (
          <Text color="quiet">
            Choose one or several. With none it is poured plain; colours can be added later.
          </Text>
        )}
        {draft.colours.length > 1 && (
          <Choice
            label="these colours are"
            value={draft.inOne ? 'one' : 'each'}
            options={WAYS}
            onValue={(way) => change({ inOne: way === 'one' })}
          />
        )}
        {draft.inOne && draft.colours.length > 1 && (
          <>
            <Flex
              h="90px"
              mb={3}
              aria-hidden
              border="2px solid"
              borderColor="steel"
              direction="column"
            >
              {draft.colours.map((c) => (
                <Box
                  key={c.code}
                  style={{ background: c.swatch, flexGrow: amount(c.share) ?? 0, flexBasis: 0 }}
                />
              ))}
            </Flex>
            {draft.colours.map((c, i) => (
              <TextField
                key={c.code}
                label={`${c.name}, % of the piece`}
                note={layers?.[i] === undefined ? undefined : `${mass(layers[i])} of dry mix`}
                text={c.share}
                onText={(share) => change({ colours: withShare(draft.colours, i, share) })}
                problem={
                  !isWhole && i === draft.colours.length - 1
                    ? `Together they are ${sum} %. Make them 100 %.`
                    : undefined
                }
              />
            ))}
          </>
        )}
        <Text textStyle="small" color="quiet" mt={3}>
          Percent of the cement, by mass; the shade is a guess until you have cast one. Over 10 %
          weakens the piece (ASTM C979).
        </Text>
      </Box>
    </Grid>
  );
}
