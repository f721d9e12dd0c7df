import { Box, Flex, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Key } from '../kit/States';
import { Wrong } from '../kit/Wrong';

interface Props {
  title: string;
  hint: string;
  /** What the key that goes on says. */
  next: string;
  onNext: () => void;
  /** How far it still is. */
  ahead: string;
  busy?: boolean;
  disabled?: boolean;
  error?: unknown;
  children: ReactNode;
}

/** One question, with the key that goes on at its foot. */
export function StepPage(props: Props) {
  const { title, hint, next, onNext, ahead, busy, disabled, error, children } = props;
  return (
    <Box
      as="form"
      maxW="1000px"
      onSubmit={(e) => {
        e.preventDefault();
        onNext();
      }}
    >
      <Text as="h1" textStyle="title">
        {title}
      </Text>
      <Text color="quiet" mb={5}>
        {hint}
      </Text>
      {children}
      <Wrong error={error} mt={4} />
      <Flex
        mt={4}
        py={3}
        justifyContent="flex-end"
        alignItems="center"
        gap={6}
        position="sticky"
        bottom={0}
        bg="ground"
        zIndex={1}
      >
        <Text color="quiet">{ahead}</Text>
        <Key main type="submit" busy={busy ?? false} disabled={disabled ?? false}>
          {next}
        </Key>
      </Flex>
    </Box>
  );
}
