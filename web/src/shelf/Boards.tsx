import { Box, Text } from '@chakra-ui/react';
import type { Schemas } from '../api/client';
import { plural } from '../kit/format';
import { clock } from '../kit/style/time';
import { volume } from '../kit/style/units';
import { BoardRow } from './BoardRow';
import { PLUMB } from './time';
import type { Board, Group } from '../server/useShelf';
import { BOARDS } from './words';

/** What stands on each board. */
export function byBoardOf(groups: Group[]): Map<Board, Group[]> {
  const map = new Map<Board, Group[]>(BOARDS.map((b) => [b.board, []]));
  groups.forEach((g) => map.get(g.board)?.push(g));
  return map;
}

interface Props {
  shelf: Shelf;
  byBoard: Map<Board, Group[]>;
  now: number;
  widthPx: number;
  /** What a press on a group does; without it the shelf is only looked at. */
  onPress?: ((group: Group) => void) | undefined;
}

/** All boards under one plumb line. */
export function Boards({ shelf, byBoard, now, widthPx, onPress }: Props) {
  return (
    <Box position="relative">
      <Plumb widthPx={widthPx} now={now} />
      {BOARDS.map(({ board, name, empty }) => (
        <BoardRow
          key={board}
          name={name}
          note={noteOf(board, shelf, byBoard.get(board) ?? [])}
          empty={empty}
          groups={byBoard.get(board) ?? []}
          now={now}
          widthPx={widthPx}
          onPress={onPress}
          timed={board !== 'ready'}
        />
      ))}
    </Box>
  );
}

type Shelf = Pick<Schemas['ShelfView'], 'copies' | 'copiesHeld' | 'stations'>;

const STATION: Partial<Record<Board, string>> = {
  bath: 'bath',
  drying: 'drying',
  coating: 'coating',
};

/** How full a board is. */
function noteOf(board: Board, shelf: Shelf, groups: Group[]): string {
  if (board === 'wet') {
    return `${shelf.copiesHeld} of ${shelf.copies} copies held`;
  }
  const pieces = groups.reduce((n, g) => n + g.pieces, 0);
  const use = shelf.stations.find((s) => s.code === STATION[board]);
  if (!use?.ofPieces) {
    return plural(pieces, 'piece');
  }
  const litres = use.ofLitres ? `, ${volume(use.litres)} of ${volume(use.ofLitres)}` : '';
  return `${use.pieces} of ${use.ofPieces} pieces${litres}`;
}

/** The plumb line: it is now, for all boards that have a time. */
function Plumb({ widthPx, now }: { widthPx: number; now: number }) {
  if (widthPx < 720) {
    return null;
  }
  return (
    <Box
      aria-hidden
      position="absolute"
      left={`${widthPx * PLUMB}px`}
      top={1}
      h="540px"
      zIndex={2}
      pointerEvents="none"
      borderLeft="2px solid"
      borderColor="ink"
    >
      <Text textStyle="label" fontSize="16px" position="absolute" left={2} top={-1}>
        {clock(now)}
      </Text>
      <Text textStyle="small" position="absolute" left="52px" top="-1px" color="quiet" w="60px">
        later →
      </Text>
      <Text textStyle="small" position="absolute" right={3} top="-1px" color="oxide" w="52px">
        do now
      </Text>
      <Box
        position="absolute"
        left="-8px"
        bottom="-20px"
        borderX="7px solid transparent"
        borderTop="20px solid"
        borderTopColor="ink"
      />
    </Box>
  );
}
