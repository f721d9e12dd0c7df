import { Box, Flex, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Wrong } from '../kit/Wrong';

/** A question with its name. */
export function Section({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Box as="section" aria-label={name} mt={6}>
      <Text as="h2" textStyle="name" mb={2}>
        {name}
      </Text>
      {children}
    </Box>
  );
}

/** The answer, large; or why there is none. */
export function Answer({
  figure,
  words,
  error,
}: {
  figure?: string;
  words: string;
  error?: unknown;
}) {
  return error ? (
    <Wrong error={error} />
  ) : (
    <Flex gap={4} alignItems="baseline" role="status" wrap="wrap">
      <Text textStyle="figure">{figure ?? '–'}</Text>
      <Text color="quiet">{words}</Text>
    </Flex>
  );
}
