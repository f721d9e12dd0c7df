import { Box, Text } from '@chakra-ui/react';
import { useEffect, useMemo, useRef } from 'react';
import { fold } from './fold';
import { GroupMark, PIECES_PX, widthOf } from './GroupMark';
import { place, shiftOf, spanOf } from './time';
import type { Group } from '../server/useShelf';

interface Props {
  name: string;
  note: string;
  /** What stands there when nothing does. */
  empty: string;
  groups: Group[];
  now: number;
  widthPx: number;
  timed: boolean;
  onPress?: ((group: Group) => void) | undefined;
}

const HEAD_PX = 190;
/** Places change by the minute, not by the second. */
const MINUTE = 60_000;
const ROW_PX = 138;
const TOP_PX = 14;
const STEEL_PX = TOP_PX + PIECES_PX;

/** One board: a steel with what stands on it, set out along time. */
export function BoardRow(props: Props) {
  const { name, note, empty, groups: all, now, widthPx, timed, onPress } = props;
  const narrow = widthPx < 720;
  const room = narrow ? widthPx : widthPx - HEAD_PX;
  const minute = Math.floor(now / MINUTE) * MINUTE;
  const groups = useMemo(() => fold(all), [all]);
  const span = spanOf(groups, minute);
  const placed = useMemo(
    () =>
      timed && !narrow
        ? place(groups, minute, span.ms, widthPx, widthOf)
        : inARow(groups, narrow ? 16 : HEAD_PX + 24),
    [groups, minute, span.ms, widthPx, timed, narrow],
  );
  const inner = Math.max(room, ...placed.map((p) => p.x + widthOf(p.group) + 12));
  const shift = timed && !narrow ? shiftOf(placed, minute, widthPx, widthOf) : 0;
  const scroller = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (scroller.current) {
      scroller.current.scrollLeft = shift;
    }
  }, [shift]);
  return (
    <Box as="section" aria-label={name} position="relative" mb={narrow ? 3 : 0}>
      <Box
        position={narrow ? 'static' : 'absolute'}
        left={4}
        top="34px"
        zIndex={1}
        pointerEvents="none"
        bg={shift > 0 ? 'ground' : 'transparent'}
        px={narrow ? 4 : 0}
      >
        <Text as="h2" textStyle="name" fontSize="23px">
          {name}
        </Text>
        <Text textStyle="small" color="quiet">
          {note}
        </Text>
      </Box>
      {timed && groups.length > 0 && (
        <Text textStyle="small" fontSize="13px" color="quiet" position="absolute" right={4} top="0">
          {span.label}
        </Text>
      )}
      <Box ref={scroller} overflowX="auto" overflowY="hidden" tabIndex={inner > widthPx ? 0 : -1}>
        <Box position="relative" h={`${ROW_PX}px`} minW={`${inner}px`}>
          <Box position="absolute" top={`${STEEL_PX}px`} left={0} right={0} h="5px" bg="steel" />
          {placed.map(({ group, x }) => (
            <Box key={group.key} position="absolute" left={`${x}px`} top={`${TOP_PX}px`}>
              <GroupMark group={group} now={now} onPress={onPress} />
            </Box>
          ))}
          {groups.length === 0 && (
            <Text position="absolute" left={narrow ? 4 : '40%'} top="66px" color="quiet">
              {empty}
            </Text>
          )}
        </Box>
      </Box>
    </Box>
  );
}

/** Side by side from the left, where time does not set the place. */
function inARow(groups: Group[], startPx: number) {
  let x = startPx;
  return groups.map((group) => {
    const at = x;
    x += widthOf(group) + 20;
    return { group, x: at };
  });
}
