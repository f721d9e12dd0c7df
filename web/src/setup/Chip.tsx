import { Box, chakra, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';

const Press = chakra('button');

interface Props {
  on: boolean;
  onPress: () => void;
  name: string;
  hint?: string;
  width?: string;
  children?: ReactNode;
}

/** Something to choose, standing on its steel; a frame round what is chosen. */
export function Chip({ on, onPress, name, hint, width = '130px', children }: Props) {
  return (
    <Press
      type="button"
      aria-pressed={on}
      onClick={onPress}
      w={width}
      minH="56px"
      p={2}
      cursor="pointer"
      textAlign="center"
      border="3px solid"
      borderColor={on ? 'ink' : 'transparent'}
      bg={on ? 'panel' : 'transparent'}
      _hover={{ bg: 'panel' }}
    >
      {children}
      <Box borderTop="4px solid" borderColor="steel" pt={1}>
        <Text fontWeight={on ? 600 : 400} lineHeight="1.25">
          {name}
        </Text>
        {hint && (
          <Text textStyle="small" color="quiet">
            {hint}
          </Text>
        )}
      </Box>
    </Press>
  );
}
