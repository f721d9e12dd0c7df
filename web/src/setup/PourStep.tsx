import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Problem } from '../api/client';
import { Choice } from '../kit/Choice';
import { days } from '../kit/format';
import { currencySign, money } from '../kit/style/money';
import { QuantityField } from '../kit/QuantityField';
import { SectionDrawing } from '../kit/SectionDrawing';
import { TextField } from '../kit/TextField';
import { Figures } from './Figures';
import type { Answers } from './useProductDraft';

interface Props extends Answers {
  error: unknown;
}

/** Its name, its price, its route: the last question before it is weighed out. */
export function PourStep({ draft, change, shape, preview, error }: Props) {
  const sum = preview.data;
  const problemOf = (field: string) =>
    [error, preview.error]
      .flatMap((e) => (e instanceof Problem ? e.errors : []))
      .find((e) => e.field === field)?.message;
  return (
    <Grid templateColumns={{ base: '1fr', lg: '1fr 400px' }} columnGap={9}>
      <Box>
        <TextField
          label={`name (${sum?.name ?? shape?.name ?? ''} where it is left empty)`}
          text={draft.name}
          onText={(name) => change({ name })}
          problem={problemOf('name')}
        />
        <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} columnGap={4}>
          <TextField
            label={`sold for, ${currencySign()}`}
            text={draft.price}
            onText={(price) => change({ price })}
            problem={problemOf('price')}
          />
          <Choice
            label="route"
            value={draft.route}
            options={[
              ['', `the usual one${draft.route === '' && sum ? `: ${sum.route}` : ''}`] as const,
              ...(sum?.routes ?? []).map((r) => [r.code, r.name] as const),
            ]}
            onValue={(route) => change({ route })}
          />
          <QuantityField
            label="sold by weight: dry weight with hardware"
            text={draft.target}
            onText={(target) => change({ target })}
            dimension="mass"
            problem={problemOf('targetKg')}
          />
          {draft.target.trim() !== '' && (
            <QuantityField
              label="hardware in that weight"
              text={draft.hardware}
              onText={(hardware) => change({ hardware })}
              dimension="mass"
              problem={problemOf('hardwareKg')}
            />
          )}
        </Grid>
        {sum && (
          <Flex gap={8} mt={3} wrap="wrap">
            <Fact value={days(sum.days)} what="from the pour until it is ready" />
            <Fact value={`${Math.round(sum.attendedMin)} min`} what="of hands for one" />
            <Fact value={money(sum.knownCost)} what="known of its cost" />
            {sum.suggestedPrice !== undefined && (
              <Fact value={money(sum.suggestedPrice)} what="would be 2.5 times that" />
            )}
          </Flex>
        )}
        {sum && sum.lackPrice.length > 0 && (
          <Text textStyle="small" color="quiet" mt={2}>
            Without the price of {sum.lackPrice.join(', ')}; give them under Stock when you have
            them.
          </Text>
        )}
      </Box>
      <Box>
        {sum?.moulds[0] && (
          <Box h="230px" mb={3}>
            <SectionDrawing
              section={sum.moulds[0].sum.section}
              callouts
              title="Its section, to scale"
              {...(draft.colours[0] && { swatch: draft.colours[0].swatch })}
            />
          </Box>
        )}
        {sum && <Figures preview={sum} stale={preview.isError} />}
      </Box>
    </Grid>
  );
}

function Fact({ value, what }: { value: string; what: string }) {
  return (
    <Box>
      <Text textStyle="figure">{value}</Text>
      <Text textStyle="small" color="quiet">
        {what}
      </Text>
    </Box>
  );
}
