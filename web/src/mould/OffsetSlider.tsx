import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { length } from '../kit/style/units';

const Range = chakra('input');

interface Props {
  value: number;
  mostMm: number;
  allowedMm: number;
  onChange: (mm: number) => void;
}

/** How far the core is off centre, and when that breaks the rule. */
export function OffsetSlider({ value, mostMm, allowedMm, onChange }: Props) {
  return (
    <Box maxW="320px" mx="auto">
      <Range
        type="range"
        aria-label="Core off centre"
        aria-valuetext={length(value)}
        min={0}
        max={mostMm}
        step={0.5}
        value={value}
        onChange={(e) => onChange(Number(e.target.value))}
        w="100%"
        accentColor="ink"
        h="28px"
      />
      <Flex justifyContent="space-between" textStyle="small" color="quiet">
        <span>core off centre</span>
        <Text as="span" color={value > allowedMm ? 'oxide' : 'quiet'}>
          {length(value)} · breaks the rule over {length(allowedMm)}
        </Text>
      </Flex>
    </Box>
  );
}
