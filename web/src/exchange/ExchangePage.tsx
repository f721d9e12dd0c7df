import { Box, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { useTitle } from '../kit/useTitle';
import { TakeIn } from './TakeIn';

/** Moulds and copies as tables, both ways. */
export function ExchangePage() {
  useTitle('Import and export');
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1000px">
      <Text as="h1" textStyle="title">
        Import and export
      </Text>
      <Text color="quiet" mb={5}>
        Tables are comma-separated with a head. Take one out to see its columns; what is left out
        keeps its usual value.{' '}
        <Link className="plain-link" to="/moulds">
          Back to the moulds
        </Link>
      </Text>
      <TakeIn name="moulds" title="Moulds" />
      <TakeIn name="copies" title="Copies" />
    </Box>
  );
}
