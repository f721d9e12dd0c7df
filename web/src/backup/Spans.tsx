import { Box, Flex, Text } from '@chakra-ui/react';
import { days, months, type Span } from './spans';

/** How far back one can go: a jar for each day and month that has a backup, an outline where not. */
export function Spans({ madeAt, now }: { madeAt: readonly number[]; now: number }) {
  return (
    <Box mb={5}>
      <Row name="Last seven days" spans={days(madeAt, now)} />
      <Row name="Last twelve months" spans={months(madeAt, now)} />
    </Box>
  );
}

function Row({ name, spans }: { name: string; spans: Span[] }) {
  return (
    <Box mb={3}>
      <Text textStyle="small" color="quiet">
        {name}
      </Text>
      <Flex as="ol" listStyleType="none" gap={1} aria-label={name} m={0} p={0}>
        {spans.map((span, i) => (
          <Box as="li" key={i} flex={1} maxW="72px" textAlign="center">
            <Box
              h="34px"
              borderRadius="3px"
              border="2px solid"
              borderColor="steel"
              borderTopWidth="6px"
              bg={span.kept ? 'steel' : 'transparent'}
              opacity={span.kept ? 1 : 0.35}
            />
            <Text textStyle="small" color={span.kept ? 'ink' : 'quiet'}>
              {span.label}
              <Text as="span" srOnly>
                {span.kept ? ': has one' : ': none'}
              </Text>
            </Text>
          </Box>
        ))}
      </Flex>
    </Box>
  );
}
