import { Box, chakra, Text } from '@chakra-ui/react';
import { shortMoment } from '../kit/style/time';
import { halfWidth } from '../kit/outline';
import { PieceRow } from '../kit/PieceRow';
import { isDue, isLate } from './time';
import type { Group } from '../server/useShelf';
import { has, warned, when } from './words';

const Press = chakra('button');
const HOVER = { bg: 'panel' };
const MOST_DRAWN = 6;
const PX_PER_MM = 0.28;
const LABEL_PX = 104;
const LETTER_PX = 7.4;

/** How high pieces are drawn at most; what is taller is drawn smaller. */
export const PIECES_PX = 80;

function scaleOf(group: Group): number {
  return Math.min(PX_PER_MM, (PIECES_PX - 4) / (group.section.rimMm + 6));
}

/** Folds a crowd: so many are drawn, the count stays true. */
function drawn(group: Group): number {
  return Math.min(group.pieces, halfWidth(group.section) > 100 ? 2 : MOST_DRAWN);
}

/** How wide a group stands, label included. */
export function widthOf(group: Group): number {
  const pitch = 2 * halfWidth(group.section) + 10 + (group.casts.length > 0 ? 8 : 0);
  const label = LETTER_PX * (group.product.length + 5);
  return Math.max(LABEL_PX, label, pitch * drawn(group) * scaleOf(group));
}

interface Props {
  group: Group;
  now: number;
  /** Without it the group is only looked at. */
  onPress?: ((group: Group) => void) | undefined;
}

/** A group of pieces on its board, with its label under the steel. */
export function GroupMark({ group, now, onPress }: Props) {
  const due = isDue(group, now) && group.board !== 'ready';
  const inMould = group.casts.length > 0;
  const green =
    due &&
    (inMould || has(group, 'whileGreen')) &&
    group.bestUntil !== undefined &&
    !isLate(group, now);
  const codes = group.casts.map((c) => c.copy).join(' ');
  const bathed = group.board === 'bath';
  const warning = warned(group);
  return (
    <Press
      {...(onPress
        ? { type: 'button', onClick: () => onPress(group), cursor: 'pointer', _hover: HOVER }
        : { as: 'div', role: 'img' })}
      w={`${widthOf(group)}px`}
      minH="56px"
      textAlign="center"
      aria-label={`${group.product} ×${group.pieces}, ${group.colourway}, ${when(group, now)}${warning ? `, ${warning}` : ''}`}
    >
      <Box
        position="relative"
        display="flex"
        justifyContent="center"
        alignItems="flex-end"
        h={`${PIECES_PX}px`}
        borderBottom="5px solid"
        borderColor={bathed ? 'bath' : 'steel'}
        {...(green && {
          backgroundImage:
            'repeating-linear-gradient(135deg, {colors.moss}, {colors.moss} 1px, transparent 1px, transparent 7px)',
        })}
      >
        {warning && (
          <Text
            position="absolute"
            bottom={0}
            left={0}
            bg="ground"
            color="oxide"
            textStyle="small"
            fontWeight={600}
            px={1}
          >
            {warning}
          </Text>
        )}
        {green && group.bestUntil && (
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
            green until {shortMoment(Date.parse(group.bestUntil), now)}
          </Text>
        )}
        <PieceRow
          section={group.section}
          count={drawn(group)}
          swatch={group.swatch}
          inMould={inMould}
          pxPerMm={scaleOf(group)}
        />
      </Box>
      <Text
        textStyle="label"
        fontSize="16px"
        lineHeight="1.15"
        whiteSpace="nowrap"
        color={due ? 'oxide' : 'ink'}
      >
        {group.product} ×{group.pieces}
      </Text>
      <Text textStyle="small" fontSize="13px" lineHeight="1.2" color={due ? 'oxide' : 'quiet'}>
        {due && inMould && !group.next ? `out · ${codes}` : when(group, now)}
      </Text>
    </Press>
  );
}
