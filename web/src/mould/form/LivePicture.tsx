import { Box, Text } from '@chakra-ui/react';
import type { useLiveSum } from './useLiveSum';
import { figure } from '../../kit/format';
import { PlanDrawing } from '../../kit/PlanDrawing';
import { SectionDrawing } from '../../kit/SectionDrawing';

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
        <Row value={sum.capacityL.toFixed(3)} unit="L" what="it holds" />
        <Row value={figure(sum.freshMassKg)} unit="kg" what="wet, at 2200 kg/m³" />
        {sum.thinnestWallMm !== undefined && (
          <Row value={sum.thinnestWallMm.toFixed(1)} unit="mm" what="thinnest wall" />
        )}
        {sum.holdDownBy && (
          <Row
            value={figure(sum.holdDownWithMarginKg)}
            unit="kg"
            what={`on the core: ${sum.holdDownBy.count > 1 ? `${sum.holdDownBy.count} × ` : ''}${sum.holdDownBy.name}`}
          />
        )}
        {sum.parts.map((p) => (
          <Row
            key={p.name}
            value={figure(p.freshMassKg)}
            unit="kg"
            what={`${p.name}${p.levelMm === undefined ? '' : `, up to ${p.levelMm.toFixed(0)} mm`}`}
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
