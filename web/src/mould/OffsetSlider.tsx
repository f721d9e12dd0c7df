import { Box, chakra, Flex, Text } from '@chakra-ui/react';

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
        aria-label="Core off centre, in mm"
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
          {value} mm · breaks the rule over {allowedMm.toFixed(1)}
        </Text>
      </Flex>
    </Box>
  );
}
