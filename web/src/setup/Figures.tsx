import { Box, Flex, Text } from '@chakra-ui/react';
import { length, mass, volume } from '../kit/style/units';
import type { Preview } from '../server/useSetUp';
import { weightWords } from '../mould/words';

interface Row {
  value: string;
  what: string;
  note?: string;
}

function rows(preview: Preview): Row[] {
  const sum = preview.moulds[0]?.sum;
  const lid = preview.moulds.length > 1 ? ', its lid with it' : '';
  return sum
    ? [
        {
          value: volume(preview.moulds.reduce((l, m) => l + m.sum.capacityL, 0)),
          what: `it holds${lid}`,
        },
        {
          value: mass(preview.freshKg),
          what: `of wet mix; ${mass(preview.dryKg)} when dry`,
          note: `${mass(preview.dryMixKg)} of dry mix`,
        },
        ...(sum.thinnestWallMm === undefined
          ? []
          : [
              {
                value: length(sum.thinnestWallMm),
                what: 'thinnest wall',
                note: `this mix wants ${length(preview.leastWallMm)}`,
              },
            ]),
        ...(sum.holdDownBy
          ? [
              {
                value: mass(sum.holdDownWithMarginKg),
                what: 'of weight on the core, or it floats',
                note: weightWords(sum.holdDownBy),
              },
            ]
          : []),
      ]
    : [];
}

/** What the answers come to: figures lead, words follow. */
export function Figures({ preview, stale }: { preview: Preview; stale: boolean }) {
  return (
    <Box aria-live="polite" fontStyle={stale ? 'italic' : 'normal'}>
      {rows(preview).map((r) => (
        <Flex
          key={r.what}
          gap={4}
          alignItems="baseline"
          borderTop="1px solid"
          borderColor="rule"
          py={1}
        >
          <Text textStyle="figure" fontSize="24px" w="104px" flexShrink={0}>
            {r.value}
          </Text>
          <Text flex={1}>{r.what}</Text>
          <Text textStyle="small" color="quiet" textAlign="right">
            {r.note}
          </Text>
        </Flex>
      ))}
      {preview.warnings.map((w) => (
        <Text key={w.code + w.field} color="ochre" fontWeight={600} mt={2}>
          {w.message}
        </Text>
      ))}
    </Box>
  );
}
