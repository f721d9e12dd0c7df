import { chakra, Flex, Text } from '@chakra-ui/react';
import type { Touch } from './takeOut';

const Press = chakra('button');
const WORDS: readonly (readonly [Touch, string])[] = [
  ['tooGreen', 'too green'],
  ['fine', 'fine'],
  ['tooHard', 'too hard'],
];

interface Props {
  touch: Touch | undefined;
  onTouch: (touch: Touch | undefined) => void;
}

/** What the hand says as a piece comes out: the demould age learns from it. */
export function TouchKeys({ touch, onTouch }: Props) {
  return (
    <Flex role="group" aria-label="How it came out" gap={2} wrap="wrap" alignItems="center" mt={2}>
      <Text color="quiet" mr={1}>
        To the touch it was
      </Text>
      {WORDS.map(([value, words]) => (
        <Press
          key={value}
          type="button"
          aria-pressed={touch === value}
          onClick={() => onTouch(touch === value ? undefined : value)}
          minH="48px"
          px={4}
          borderRadius="4px"
          border="2px solid"
          borderColor={touch === value ? 'ink' : 'rule'}
          bg={touch === value ? 'ink' : 'transparent'}
          color={touch === value ? 'ground' : 'ink'}
          textStyle="label"
          cursor="pointer"
        >
          {words}
        </Press>
      ))}
    </Flex>
  );
}
