import { Box, Flex } from '@chakra-ui/react';

/** Above this many, a mark stands for more than one. */
const MOST = 72;

interface Props {
  all: number;
  bad: number;
}

/** One mark for each of a few, those that went wrong last, hollow and in ochre. */
export function Marks({ all, bad }: Props) {
  const each = Math.max(1, Math.ceil(all / MOST));
  const shown = Math.ceil(all / each);
  const wrong = bad === 0 ? 0 : Math.max(1, Math.round(bad / each));
  return (
    <Flex aria-hidden wrap="wrap" gap="3px">
      {Array.from({ length: shown }, (_, i) => (
        <Box
          key={i}
          w="13px"
          h="13px"
          border="3px solid"
          borderColor={i >= shown - wrong ? 'ochre' : 'steel'}
          bg={i >= shown - wrong ? 'transparent' : 'steel'}
        />
      ))}
    </Flex>
  );
}
