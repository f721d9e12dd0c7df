import { Box, chakra, Text } from '@chakra-ui/react';
import { useId } from 'react';

const Svg = chakra('svg');

interface Props {
  /** How full, 0 to 1. */
  level: number;
  swatch: string;
  words: string;
}

/** The mixing bowl with what is in it. */
export function BowlDrawing({ level, swatch, words }: Props) {
  const id = useId().replace(/:/g, '');
  const top = 58 - Math.max(0, Math.min(1, level)) * 50;
  return (
    <Box textAlign="center" mt={4}>
      <Svg viewBox="0 0 120 64" h="84px" w="160px" mx="auto" display="block" aria-hidden>
        <clipPath id={id}>
          <path d="M6 4C10 42 34 60 60 60S110 42 114 4Z" />
        </clipPath>
        {level > 0 && (
          <rect x="0" y={top} width="120" height="64" fill={swatch} clipPath={`url(#${id})`} />
        )}
        <path
          d="M6 4C10 42 34 60 60 60S110 42 114 4"
          fill="none"
          stroke="currentColor"
          strokeWidth="2.5"
        />
      </Svg>
      <Text textStyle="small" color="quiet" role="status" aria-label="Bowl">
        {words}
      </Text>
    </Box>
  );
}
