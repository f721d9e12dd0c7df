import { Box, Flex, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { days } from '../kit/format';
import { hoursWords, together } from '../route/RouteLineDrawing';
import type { ProductSheet } from '../server/useProducts';

/** The route as a line of steps and waits, with a way to change it. */
export function RouteStrip({ sheet }: { sheet: ProductSheet }) {
  const marks = together(sheet.line);
  const last = marks[marks.length - 1];
  return (
    <Box as="section" aria-label="Route" mt={5}>
      <Flex gap={4} alignItems="baseline">
        <Text as="h2" textStyle="name">
          Route
        </Text>
        <Text color="quiet">
          {last
            ? `${days(last.atH / 24)} · ${Math.round(sheet.attendedMin)} minutes of hands · `
            : 'none yet · '}
          <Link className="plain-link" to={`/products/${sheet.card.id}/route`}>
            {last ? 'change it' : 'give it one'}
          </Link>
        </Text>
      </Flex>
      {last && (
        <Flex mt={2} overflowX="auto" tabIndex={0} aria-label="Steps in order">
          <Stop name="pour" at="" first />
          {marks.map((m) => (
            <Stop key={m.atH + m.what.join()} name={m.what.join(', ')} at={hoursWords(m.atH)} />
          ))}
        </Flex>
      )}
    </Box>
  );
}

function Stop({ name, at, first = false }: { name: string; at: string; first?: boolean }) {
  return (
    <Box flex={first ? '0 0 60px' : '1 1 90px'} minW="72px">
      <Box h="8px" bg="quiet" borderLeft="4px solid" borderColor="ink" ml={0} opacity={0.75} />
      <Text textStyle="small" fontWeight={600} pr={2}>
        {name}
      </Text>
      <Text textStyle="small" color="quiet">
        {at}
      </Text>
    </Box>
  );
}
