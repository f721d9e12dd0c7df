import { chakra, Text } from '@chakra-ui/react';

const Press = chakra('button');

interface Props {
  title: string;
  /** What follows from it. */
  words?: string;
  main?: boolean;
  onClick: () => void;
}

/** One way to go on, large enough for a glove, with what follows from it. */
export function Option({ title, words, main = false, onClick }: Props) {
  return (
    <Press
      type="button"
      onClick={onClick}
      display="block"
      w="100%"
      minH="64px"
      textAlign="left"
      px={5}
      py={3}
      cursor="pointer"
      border="2px solid"
      borderColor={main ? 'ink' : 'steel'}
      borderRadius="4px"
      bg={main ? 'ink' : 'transparent'}
      color={main ? 'ground' : 'ink'}
      _hover={{ bg: main ? 'steel' : 'panel' }}
    >
      <Text as="span" display="block" textStyle="label" fontSize="24px">
        {title}
      </Text>
      {words && (
        <Text as="span" display="block" color={main ? 'ground' : 'quiet'}>
          {words}
        </Text>
      )}
    </Press>
  );
}
