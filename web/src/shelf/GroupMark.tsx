import { Box, chakra, Text } from '@chakra-ui/react';
import { clock, moment } from '../kit/format';
import { halfWidth } from '../kit/outline';
import { PieceRow } from '../kit/PieceRow';
import { isDue, isLate } from './time';
import type { Group } from './useShelf';

const Press = chakra('button');
const MOST_DRAWN = 6;
const PX_PER_MM = 0.36;
const LABEL_PX = 112;
const LETTER_PX = 8;

/** Folds a crowd: so many are drawn, the count stays true. */
function drawn(group: Group): number {
  return Math.min(group.pieces, halfWidth(group.section) > 100 ? 2 : MOST_DRAWN);
}

/** How wide a group stands, label included. */
export function widthOf(group: Group): number {
  const pitch = 2 * halfWidth(group.section) + 10 + (group.board === 'mould' ? 8 : 0);
  const label = LETTER_PX * (group.product.length + 4);
  return Math.max(LABEL_PX, label, pitch * drawn(group) * PX_PER_MM);
}

function when(group: Group, now: number): string {
  if (group.board === 'dry') {
    return 'dry, ready to seal';
  }
  const at = moment(Date.parse(group.gateAt ?? ''), now);
  if (group.next) {
    return isDue(group, now) ? `then ${group.next.layer} now` : `then ${group.next.layer} ${at}`;
  }
  if (!isDue(group, now)) {
    return group.board === 'mould' ? `out ${at}` : `dry ${at}`;
  }
  const late = isLate(group, now) ? ', late' : '';
  return `out since ${at}${late}`;
}

interface Props {
  group: Group;
  now: number;
  onPress: (group: Group) => void;
}

/** A group of pieces on its board, with its label under the steel. */
export function GroupMark({ group, now, onPress }: Props) {
  const due = isDue(group, now) && group.board === 'mould';
  const green = due && group.greenUntil !== undefined && !isLate(group, now);
  const codes = group.casts.map((c) => c.copy).join(' ');
  return (
    <Press
      type="button"
      onClick={() => onPress(group)}
      w={`${widthOf(group)}px`}
      minH="56px"
      textAlign="center"
      cursor="pointer"
      _hover={{ bg: 'panel' }}
      aria-label={`${group.product} ×${group.pieces}, ${group.colourway}, ${when(group, now)}`}
    >
      <Box
        position="relative"
        display="flex"
        justifyContent="center"
        alignItems="flex-end"
        h="124px"
        borderBottom="5px solid"
        borderColor="steel"
        {...(green && {
          backgroundImage:
            'repeating-linear-gradient(135deg, {colors.moss}, {colors.moss} 1px, transparent 1px, transparent 7px)',
        })}
      >
        {green && group.greenUntil && (
          <Text
            position="absolute"
            top={0}
            left={0}
            right={0}
            bg="ground"
            color="moss"
            textStyle="small"
            fontWeight={600}
          >
            green until {clock(Date.parse(group.greenUntil))}
          </Text>
        )}
        <PieceRow
          section={group.section}
          count={drawn(group)}
          swatch={group.swatch}
          inMould={group.board === 'mould'}
          pxPerMm={PX_PER_MM}
        />
      </Box>
      <Text textStyle="label" fontSize="17px" whiteSpace="nowrap" color={due ? 'oxide' : 'ink'}>
        {group.product} ×{group.pieces}
      </Text>
      <Text textStyle="small" color={due ? 'oxide' : 'quiet'}>
        {due && !group.next ? `out · ${codes}` : when(group, now)}
      </Text>
    </Press>
  );
}
