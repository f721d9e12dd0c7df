import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { counted, left } from '../kit/format';
import { moment } from '../kit/style/time';
import { gate, isDue, isLate, isUrgent, nextThree } from '../shelf/time';
import { type Group, useShelf } from '../server/useShelf';
import { BOARDS, comesOut, stepWords, warned } from '../shelf/words';
import { useTemperatures } from '../server/useTemperatures';
import { useOwns } from '../server/useSession';
import { SECOND_MS, useNow, useWorkshop } from '../server/useWorkshop';
import { useCalls } from './useCalls';
import { temperature } from '../kit/style/units';

const SOON_MS = 30 * 60_000;
/** A target that a finger finds: 24 px at least (WCAG 2.2, 2.5.8). */
const TARGET = { display: 'block', minHeight: '24px', lineHeight: '24px' };

/** The next three clocks as tags, counting; the last place says what the room is doing. */
export function NextThree() {
  const now = useNow();
  const { data: shelf } = useShelf();
  const { data: workshop } = useWorkshop();
  const { data: places } = useTemperatures();
  const owns = useOwns();
  const room = places?.find((p) => p.place === 'room');
  const tags = nextThree(shelf?.groups ?? []);
  useCalls(shelf?.groups ?? [], now);
  return (
    <Grid
      as="aside"
      aria-label="The next three clocks"
      templateColumns={{
        base: 'minmax(0, 1fr)',
        md: 'repeat(3, minmax(0, 1fr)) 130px',
        xl: 'repeat(3, minmax(0, 1fr)) 200px',
      }}
      bg="panel"
      borderBottom="3px solid"
      borderColor="steel"
      minH="72px"
    >
      {tags.map((group, i) => (
        <Box key={group.key} display={{ base: i === 0 ? 'block' : 'none', md: 'block' }}>
          <Tag group={group} first={i === 0} />
        </Box>
      ))}
      {shelf && tags.length === 0 && (
        <Text alignSelf="center" px={5} color="quiet">
          Nothing is waiting for its time.
        </Text>
      )}
      <Box
        display={{ base: 'none', md: 'block' }}
        gridColumn={{ md: '4' }}
        px={{ md: 2, xl: 4 }}
        py={3}
        minW={0}
      >
        <Text fontWeight={600} whiteSpace="nowrap" asChild>
          <Link to="/temperatures" style={TARGET}>
            {room
              ? `Room ${temperature(room.celsius)}${room.silent ? ', usual' : ''}`
              : 'Temperatures'}
          </Link>
        </Text>
        {workshop && (
          <Text textStyle="small" color="quiet" truncate asChild>
            {owns ? (
              <Link to="/workshop" style={TARGET}>
                {workshop.name}
              </Link>
            ) : (
              <span>{workshop.name}</span>
            )}
          </Text>
        )}
      </Box>
    </Grid>
  );
}

function Tag({ group, first }: { group: Group; first: boolean }) {
  const now = useNow(SECOND_MS);
  const due = isDue(group, now);
  const alarm = (due || isUrgent(group)) && first;
  const remains = gate(group) - now;
  const words = stepWords(group);
  const pieces = counted(group.pieces, group.product);
  const what = group.next
    ? `Pour ${group.next.layer} on ${pieces}`
    : `${words.charAt(0).toUpperCase()}${words.slice(1)}: ${pieces}`;
  const codes = group.casts.map((c) => c.copy).join(' ');
  const where = codes === '' ? BOARDS.find((b) => b.board === group.board)?.name : codes;
  const detail = isUrgent(group)
    ? `${where} · ${warned(group)}: ${group.warnings[0]?.message ?? ''}`
    : isLate(group, now)
      ? `${where} · late`
      : due
        ? `${where} · ${group.next ? group.next.layerColourway : comesOut(group) ? 'goggles on' : group.colourway}`
        : `${where} · ${moment(gate(group), now)}`;
  return (
    <Flex
      h="100%"
      minH="72px"
      alignItems="center"
      gap={{ base: 4, md: 2, xl: 4 }}
      px={{ base: 4, md: 2, xl: 4 }}
      borderRight="1px solid"
      borderColor="rule"
      bg={alarm ? 'oxideGround' : 'transparent'}
      color={alarm ? 'onOxide' : due ? 'oxide' : 'ink'}
    >
      <Text
        textStyle="figure"
        fontSize={{ base: '36px', md: '28px', xl: '36px' }}
        color={alarm ? 'onOxide' : due ? 'oxide' : remains < SOON_MS ? 'ochre' : 'ink'}
        whiteSpace="nowrap"
      >
        {left(remains)}
      </Text>
      <Box minW={0}>
        <Text fontWeight={600} truncate>
          {what}
        </Text>
        <Text textStyle="small" color={alarm ? 'onOxide' : 'quiet'} truncate>
          {detail}
        </Text>
      </Box>
    </Flex>
  );
}
