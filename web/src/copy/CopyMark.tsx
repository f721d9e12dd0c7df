import { Box, Flex, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import type { Section } from '../kit/outline';
import { SmallSection } from '../kit/SmallSection';
import { moment } from '../kit/style/time';
import type { Group } from '../server/useShelf';
import type { Copy } from '../server/useMoulds';

interface Props {
  copy: Copy;
  section: Section;
  expectedCasts: number;
  /** What stands in it, if anything does. */
  holding?: Group | undefined;
  now: number;
}

export function stateOf(copy: Copy, holding: Group | undefined, now: number): string {
  if (copy.held) {
    if (!holding?.gateAt) {
      return 'holds a casting';
    }
    const gateAt = Date.parse(holding.gateAt);
    const until = gateAt <= now ? 'ready to come out' : `to ${moment(gateAt, now)}`;
    return `${holding.product}, ${holding.colourway}, ${until}`;
  }
  if (copy.condition !== 'good') {
    return copy.condition;
  }
  return copy.washDue ? 'free, wash it' : 'free';
}

/** A copy as a small mould, filled when it holds something, with its wear. */
export function CopyMark({ copy, section, expectedCasts, holding, now }: Props) {
  const bad = copy.condition !== 'good';
  const wear = Math.min(100, (100 * copy.casts) / expectedCasts);
  return (
    <Box w="210px" aria-label={`Copy ${copy.code}`} role="group">
      <Flex gap={3} alignItems="center">
        <Box w="66px" h="66px" flexShrink={0} color={bad ? 'oxide' : 'ink'}>
          <SmallSection
            section={section}
            filled={copy.held !== undefined}
            swatch={holding?.swatch ?? 'var(--chakra-colors-steel)'}
            title={`${copy.code}, ${stateOf(copy, holding, now)}`}
          />
        </Box>
        <Box minW={0}>
          <Link className="plain-link" to={`/copies/${copy.id}`}>
            <Text as="span" textStyle="name">
              {copy.code}
            </Text>
          </Link>
          <Text textStyle="small" color={bad ? 'oxide' : copy.held ? 'quiet' : 'moss'}>
            {stateOf(copy, holding, now)}
          </Text>
        </Box>
      </Flex>
      <Box h="6px" bg="rule" mt={1}>
        <Box h="6px" bg="steel" w={`${wear}%`} />
      </Box>
      <Text textStyle="small" color="quiet">
        {copy.casts} of about {Math.round(expectedCasts)} casts
      </Text>
      {copy.defects?.worse && (
        <Text textStyle="small" color="oxide" fontWeight={600}>
          {Math.round(copy.defects.perHundred)} bad in 100, others{' '}
          {Math.round(copy.defects.siblingsPerHundred)}
        </Text>
      )}
    </Box>
  );
}
