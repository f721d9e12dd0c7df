import { Box, Grid } from '@chakra-ui/react';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { GoodsChoice } from '../product/choice/GoodsChoice';
import { EMPTY_LINE, type LineDraft } from './draft';
import { currencySign } from '../kit/style/money';

interface Props {
  lines: LineDraft[];
  onLines: (lines: LineDraft[]) => void;
  problemOf: (field: string) => string | undefined;
}

/** The lines of an order as they are written. */
export function LineRows({ lines, onLines, problemOf }: Props) {
  const set = (no: number, changed: Partial<LineDraft>) =>
    onLines(lines.map((l, i) => (i === no ? { ...l, ...changed } : l)));
  return (
    <Box>
      {lines.map((line, no) => (
        <Grid
          key={no}
          role="group"
          aria-label={`Line ${no + 1}`}
          templateColumns={{ base: '1fr 1fr', md: '2fr 90px 110px 1.2fr 110px' }}
          columnGap={3}
          alignItems="start"
        >
          <Box gridColumn={{ base: '1 / 3', md: 'auto' }}>
            <GoodsChoice
              label="product"
              value={line.goods}
              onValue={(goods) => set(no, { goods })}
              problem={problemOf(`lines.${no}.productId`)}
            />
          </Box>
          <TextField
            label="how many"
            text={line.quantity}
            onText={(quantity) => set(no, { quantity })}
            problem={problemOf(`lines.${no}.quantity`)}
          />
          <TextField
            label={`price, ${currencySign()}, or list`}
            text={line.price}
            onText={(price) => set(no, { price })}
            problem={problemOf(`lines.${no}.price`)}
          />
          <TextField
            label="note"
            text={line.note}
            onText={(note) => set(no, { note })}
            problem={problemOf(`lines.${no}.note`)}
          />
          <Box pt="21px">
            {lines.length > 1 && (
              <Key onClick={() => onLines(lines.filter((_, i) => i !== no))}>Drop</Key>
            )}
          </Box>
        </Grid>
      ))}
      <Key onClick={() => onLines([...lines, EMPTY_LINE])}>Add a line</Key>
    </Box>
  );
}
