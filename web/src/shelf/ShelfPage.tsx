import { Box, Text } from '@chakra-ui/react';
import { useMemo, useRef, useState } from 'react';
import { Link, Navigate } from 'react-router';
import { type Schemas } from '../api/client';
import { useWidth } from '../kit/useWidth';
import { plural } from '../kit/format';
import { clock } from '../kit/style/time';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { useNow, useWorkshop } from '../workshop/useWorkshop';
import { FirstThing } from '../missing/FirstThing';
import { BoardRow } from './BoardRow';
import { GroupDialog } from './GroupDialog';
import { OpenPours } from '../pour/OpenPours';
import { LastAct } from './LastAct';
import { PLUMB } from './time';
import { type Together, togetherOf } from './together';
import { TogetherKeys } from './TogetherKeys';
import { TogetherDialog } from './TogetherDialog';
import { type Board, type Group, useShelf } from './useShelf';
import { WashDialog } from './WashDialog';
import { BOARDS } from './words';
import { volume } from '../kit/style/units';

/** Home: everything between pour and ready, board by board, along time. */
export function ShelfPage() {
  useTitle('Shelf');
  const now = useNow();
  const { data: workshop } = useWorkshop();
  const { data, error, refetch } = useShelf();
  const [open, setOpen] = useState<Group>();
  const [wash, setWash] = useState(false);
  const [together, setTogether] = useState<Together>();
  const frame = useRef<HTMLDivElement>(null);
  const widthPx = useWidth(frame);
  const byBoard = useMemo(() => {
    const map = new Map<Board, Group[]>(BOARDS.map((b) => [b.board, []]));
    data?.groups.forEach((g) => map.get(g.board)?.push(g));
    return map;
  }, [data]);
  if (workshop && !workshop.setUp) {
    return <Navigate to="/set-up" replace />;
  }
  return (
    <>
      <Text as="h1" srOnly>
        Shelf
      </Text>
      <Box px={6}>
        <OpenPours />
      </Box>
      <Box ref={frame} position="relative" pt={2}>
        <Box px={6}>
          {error && !data && <Failed error={error} retry={() => void refetch()} />}
          {!data && !error && <Loading what="the shelf" />}
        </Box>
        {data && data.groups.length === 0 && (
          <Box px={6}>
            <FirstThing title="The shelf is empty">
              <Link className="plain-link" to="/pour">
                Pour something
              </Link>{' '}
              and it will stand here with the time it may come out.
            </FirstThing>
          </Box>
        )}
        {data && data.groups.length > 0 && (
          <>
            <TogetherKeys
              of={BOARDS.flatMap((b) => togetherOf(byBoard.get(b.board) ?? [], now))}
              onPress={setTogether}
              {...(data.toWash.length > 0 && {
                wash: { count: data.toWash.length, onPress: () => setWash(true) },
              })}
            />
            <Box position="relative">
              <Plumb widthPx={widthPx} now={now} />
              {BOARDS.map(({ board, name, empty }) => (
                <BoardRow
                  key={board}
                  name={name}
                  note={noteOf(board, data, byBoard.get(board) ?? [])}
                  empty={empty}
                  groups={byBoard.get(board) ?? []}
                  now={now}
                  widthPx={widthPx}
                  onPress={setOpen}
                  timed={board !== 'ready'}
                />
              ))}
            </Box>
          </>
        )}
        <LastAct now={now} />
        {wash && data && (
          <WashDialog toWash={data.toWash} now={now} onClose={() => setWash(false)} />
        )}
        {together && (
          <TogetherDialog together={together} now={now} onClose={() => setTogether(undefined)} />
        )}
        {open && <GroupDialog group={open} now={now} onClose={() => setOpen(undefined)} />}
      </Box>
    </>
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
