import { Box, Text } from '@chakra-ui/react';
import type { useLiveSum } from '../../server/useLiveSum';
import { density, length, saidParts } from '../../kit/style/units';
import { PlanDrawing } from '../../kit/PlanDrawing';
import { SectionDrawing } from '../../kit/SectionDrawing';
import { weightWords } from '../words';

interface Props {
  live: ReturnType<typeof useLiveSum>;
  offsetMm: number;
}

/** The mould as it is described, to scale, and the figures one looks at first. */
export function LivePicture({ live, offsetMm }: Props) {
  const sum = live.data;
  if (!sum) {
    return (
      <Box position="sticky" top={4} color="quiet">
        <Text>
          {live.error ? 'What is marked keeps it from being drawn.' : 'Give its measures.'}
        </Text>
      </Box>
    );
  }
  return (
    <Box position="sticky" top={4} alignSelf="start" fontStyle={live.error ? 'italic' : 'normal'}>
      {live.error && <Text color="quiet">As it was before what is marked.</Text>}
      <Box h="300px" opacity={live.error ? 0.45 : 1}>
        <SectionDrawing
          section={sum.section}
          offsetMm={offsetMm}
          callouts
          title="Its section, to scale"
          thinnest={
            sum.thinnestWallMm !== undefined
              ? { mm: sum.thinnestWallMm, atMm: sum.thinnestAtMm ?? 0, ok: sum.wallOk }
              : undefined
          }
        />
      </Box>
      {sum.plan.cavity.length > 0 && (
        <Box h="170px" opacity={live.error ? 0.45 : 1}>
          <PlanDrawing plan={sum.plan} title="From above, to scale" />
        </Box>
      )}
      <Box aria-live="polite" mt={2}>
        <Row {...saidParts(sum.capacityL, 'volume')} what="it holds" />
        <Row {...saidParts(sum.freshMassKg, 'mass')} what={`wet, at ${density(2200)}`} />
        {sum.thinnestWallMm !== undefined && (
          <Row {...saidParts(sum.thinnestWallMm, 'length')} what="thinnest wall" />
        )}
        {sum.holdDownBy && (
          <Row
            {...saidParts(sum.holdDownWithMarginKg, 'mass')}
            what={`on the core: ${weightWords(sum.holdDownBy)}`}
          />
        )}
        {sum.parts.map((p) => (
          <Row
            key={p.name}
            {...saidParts(p.freshMassKg, 'mass')}
            what={`${p.name}${p.levelMm === undefined ? '' : `, up to ${length(p.levelMm)}`}`}
          />
        ))}
        {sum.warnings.map((w) => (
          <Text key={w.code + w.field} color="ochre" fontWeight={600} mt={2}>
            {w.message}
          </Text>
        ))}
      </Box>
    </Box>
  );
}

function Row({ value, unit, what }: { value: string; unit: string; what: string }) {
  return (
    <Box display="flex" gap={3} alignItems="baseline" borderBottom="1px solid" borderColor="rule">
      <Text textStyle="figure" w="120px">
        {value}{' '}
        <Text as="span" fontSize="18px" fontWeight={500} color="quiet">
          {unit}
        </Text>
      </Text>
      <Text>{what}</Text>
    </Box>
  );
}
