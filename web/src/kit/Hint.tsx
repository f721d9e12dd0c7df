import { Box, chakra, Text } from '@chakra-ui/react';
import { type ReactNode, useId, useState } from 'react';
import { type Word, WORDS } from './words';

const Press = chakra('button');

/** A label with a key that says what its word means, there and then. */
export function Hint({ word, children }: { word: Word; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const id = useId();
  return (
    <Box>
      {children}{' '}
      <Press
        type="button"
        aria-label={`What is ${word}?`}
        aria-expanded={open}
        aria-controls={id}
        onClick={() => setOpen(!open)}
        minW="24px"
        minH="24px"
        cursor="pointer"
        textStyle="small"
        fontWeight={700}
        color="quiet"
        border="1px solid"
        borderColor="steel"
        borderRadius="4px"
        lineHeight={1}
      >
        ?
      </Press>
      <Text id={id} role="status" textStyle="small" hidden={!open}>
        {open && WORDS[word]}
      </Text>
    </Box>
  );
}
