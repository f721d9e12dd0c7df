import { chakra, Flex } from '@chakra-ui/react';
import { plural } from '../kit/format';
import type { Together } from './together';

const Press = chakra('button');

interface Props {
  of: Together[];
  onPress: (together: Together) => void;
  wash?: { count: number; onPress: () => void } | undefined;
}

/** One act for all that waits for the same thing at one place. */
export function TogetherKeys({ of, onPress, wash }: Props) {
  const keys = of.map((together) => ({
    words: `${together.words} all ${together.pieces}`,
    press: () => onPress(together),
  }));
  if (wash) {
    keys.push({ words: `wash ${plural(wash.count, 'copy')}`, press: wash.onPress });
  }
  if (keys.length === 0) {
    return null;
  }
  return (
    <Flex
      role="group"
      aria-label="All at once"
      gap={2}
      px={4}
      pb={2}
      wrap="wrap"
      justifyContent="flex-end"
    >
      {keys.map((key) => (
        <Press
          key={key.words}
          type="button"
          onClick={key.press}
          minH="40px"
          px={3}
          border="2px solid"
          borderColor="steel"
          borderRadius="4px"
          bg="ground"
          textStyle="label"
          cursor="pointer"
          _hover={{ bg: 'panel' }}
        >
          {key.words}
        </Press>
      ))}
    </Flex>
  );
}
