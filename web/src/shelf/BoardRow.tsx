import { Box, Text } from '@chakra-ui/react';
import { GroupMark, widthOf } from './GroupMark';
import { place, spanOf } from './time';
import type { Group } from './useShelf';

interface Props {
  name: string;
  note: string;
  /** What stands there when nothing does. */
  empty: string;
  groups: Group[];
  now: number;
  widthPx: number;
  timed: boolean;
  onPress: (group: Group) => void;
}

const HEAD_PX = 190;

/** One board: a steel with what stands on it, set out along time. */
export function BoardRow(props: Props) {
  const { name, note, empty, groups, now, widthPx, timed, onPress } = props;
  const narrow = widthPx < 720;
  const span = spanOf(groups, now);
  const room = narrow ? widthPx : widthPx - HEAD_PX;
  const placed = timed && !narrow ? place(groups, now, span.ms, widthPx, widthOf) : inARow(groups);
  const inner = Math.max(
    room,
    ...placed.map((p) => p.x + widthOf(p.group) + 12 - (timed && !narrow ? 0 : -HEAD_PX)),
  );
  const startPx = timed && !narrow ? 0 : narrow ? 0 : HEAD_PX;
  return (
    <Box as="section" aria-label={name} position="relative" mb={1}>
      <Box
        position={narrow ? 'static' : 'absolute'}
        left={4}
        top="66px"
        zIndex={1}
        pointerEvents="none"
        px={narrow ? 4 : 0}
      >
        <Text as="h2" textStyle="name">
          {name}
        </Text>
        <Text textStyle="small" color="quiet">
          {note}
        </Text>
      </Box>
      {timed && groups.length > 0 && (
        <Text textStyle="small" color="quiet" position="absolute" right={4} top="-4px">
          {span.label}
        </Text>
      )}
      <Box overflowX="auto" overflowY="hidden" tabIndex={inner > widthPx ? 0 : -1}>
        <Box position="relative" h="196px" minW={`${inner}px`}>
          <Box position="absolute" top="137px" left={0} right={0} h="5px" bg="steel" />
          {placed.map(({ group, x }) => (
            <Box key={group.key} position="absolute" left={`${x + startPx}px`} top="18px">
              <GroupMark group={group} now={now} onPress={onPress} />
            </Box>
          ))}
          {groups.length === 0 && (
            <Text position="absolute" left={narrow ? 4 : '40%'} top="104px" color="quiet">
              {empty}
            </Text>
          )}
        </Box>
      </Box>
    </Box>
  );
}

/** Side by side from the left, where time does not set the place. */
function inARow(groups: Group[]) {
  let x = 16;
  return groups.map((group) => {
    const at = x;
    x += widthOf(group) + 24;
    return { group, x: at };
  });
}
