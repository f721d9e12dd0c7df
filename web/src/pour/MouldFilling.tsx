import { Box, Text } from '@chakra-ui/react';
import { SectionDrawing } from '../kit/SectionDrawing';
import type { Step } from './steps';
import type { Sheet } from './usePour';
import { mass, volume } from '../kit/style/units';

interface Props {
  sheet: Sheet;
  step: Step;
  /** Of the mix that is in the bowls, 0 to 1. */
  filled: number;
}

/** The mould at hand, rising as things go in. */
export function MouldFilling({ sheet, step, filled }: Props) {
  const fill = sheet.fills[step.kind === 'fill' ? step.fill : 0];
  const layer = sheet.layers[step.kind === 'weigh' ? step.layer : sheet.layers.length - 1];
  if (!fill || !layer) {
    return null;
  }
  return (
    <Box display={{ base: 'none', lg: 'block' }} textAlign="center">
      {fill.holdDownKg > 0 && <Text textStyle="name">{mass(fill.holdDownKg)} on the core ↓</Text>}
      <Box h="340px">
        <SectionDrawing
          section={fill.section}
          filled={filled}
          swatch={layer.colourway.swatch}
          title={`${fill.mould} mould, filling`}
        />
      </Box>
      <Text color="quiet">
        {fill.mould} · {volume(fill.litresEach)} each
      </Text>
    </Box>
  );
}
