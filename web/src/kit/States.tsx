import { Box, Button, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { messageOf } from '../api/client';

export function Loading({ what }: { what: string }) {
  return (
    <Text role="status" color="quiet" py={8}>
      Loading {what}…
    </Text>
  );
}

/** What happened, what is safe, what to try. */
export function Failed({
  error,
  retry,
  whole = false,
}: {
  error: unknown;
  retry: () => void;
  /** Whether it stands for the whole page and so carries the page's heading. */
  whole?: boolean;
}) {
  return (
    <Box
      role="alert"
      borderLeft="5px solid"
      borderColor="oxide"
      bg="panel"
      p={5}
      my={6}
      maxW="640px"
    >
      <Text as={whole ? 'h1' : 'h2'} textStyle="name">
        This could not be loaded
      </Text>
      <Text my={2}>{messageOf(error)}</Text>
      <Text color="quiet" mb={4}>
        What was saved before is safe.
      </Text>
      <Key onClick={retry}>Try again</Key>
    </Box>
  );
}

interface WaitingProps {
  what: string;
  error: unknown;
  retry: () => void;
}

/** What stands where a page's first answer is still to come, or does not come. */
export function Awaited({ what, error, retry }: WaitingProps) {
  return error ? <Failed whole error={error} retry={retry} /> : <Loading what={what} />;
}

interface EmptyProps {
  title: string;
  children: ReactNode;
  /** As in Failed. */
  whole?: boolean;
}

export function Empty({ title, children, whole = false }: EmptyProps) {
  return (
    <Box borderTop="4px solid" borderColor="steel" pt={4} my={8} maxW="560px">
      <Text as={whole ? 'h1' : 'p'} textStyle="name">
        {title}
      </Text>
      <Box color="quiet" mt={1}>
        {children}
      </Box>
    </Box>
  );
}

interface KeyProps {
  children: ReactNode;
  onClick?: () => void;
  main?: boolean;
  busy?: boolean;
  disabled?: boolean;
  type?: 'button' | 'submit';
}

/** A big key for gloved hands. */
export function Key({ children, onClick, main, busy, disabled, type = 'button' }: KeyProps) {
  return (
    <Button
      type={type}
      onClick={onClick}
      loading={busy ?? false}
      loadingText={children}
      disabled={disabled ?? false}
      minH="56px"
      px={6}
      borderRadius="4px"
      border="2px solid"
      borderColor={main ? 'ink' : 'steel'}
      bg={main ? 'ink' : 'transparent'}
      color={main ? 'ground' : 'ink'}
      fontFamily="heading"
      fontWeight={600}
      fontSize="22px"
      _hover={{ bg: main ? 'steel' : 'panel' }}
    >
      {children}
    </Button>
  );
}

/** One line of caution at the step where it matters; the rest behind "more". */
export function Caution({ line, more }: { line: string; more: string }) {
  return (
    <Box borderLeft="4px solid" borderColor="ochre" pl={3} textStyle="small">
      <details>
        <summary style={{ cursor: 'pointer' }}>
          {line} <span className="plain-link">more</span>
        </summary>
        <Text color="quiet" mt={1}>
          {more} The product’s safety data sheet, local rules and licensed people decide.
        </Text>
      </details>
    </Box>
  );
}
