import { Box, Text } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { clock, plural } from '../kit/format';
import { Empty, Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { useNow } from '../workshop/useWorkshop';
import { BoardRow } from './BoardRow';
import { GroupDialog } from './GroupDialog';
import { PLUMB } from './time';
import { type Group, useShelf } from './useShelf';

/** Home: everything between pour and ready, board by board, along time. */
export function ShelfPage() {
  useTitle('Shelf');
  const now = useNow();
  const { data, error, refetch } = useShelf();
  const [open, setOpen] = useState<Group>();
  const frame = useRef<HTMLDivElement>(null);
  const widthPx = useWidth(frame);
  const groups = data?.groups ?? [];
  const on = (board: Group['board']) => groups.filter((g) => g.board === board);
  const pieces = (board: Group['board']) =>
    plural(
      on(board).reduce((n, g) => n + g.pieces, 0),
      'piece',
    );
  const boards = { now, widthPx, onPress: setOpen };
  return (
    <Box ref={frame} position="relative" pt={8}>
      <Text as="h1" srOnly>
        Shelf
      </Text>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the shelf" />}
      {data && groups.length === 0 && (
        <Box px={6}>
          <Empty title="Nothing stands on the shelf">
            <Link className="plain-link" to="/pour">
              Pour something
            </Link>{' '}
            and it will stand here with the time it may come out.
          </Empty>
        </Box>
      )}
      {data && groups.length > 0 && (
        <>
          <Plumb widthPx={widthPx} now={now} />
          <BoardRow
            {...boards}
            name="In the mould"
            note={`${data.copiesHeld} of ${data.copies} copies held`}
            empty="No copy holds anything. Everything could be poured."
            groups={on('mould')}
            timed
          />
          <BoardRow
            {...boards}
            name="Drying"
            note={pieces('drying')}
            empty="Nothing is drying."
            groups={on('drying')}
            timed
          />
          <BoardRow
            {...boards}
            name="Dry"
            note={pieces('dry')}
            empty="Nothing is dry yet."
            groups={on('dry')}
            timed={false}
          />
        </>
      )}
      {open && <GroupDialog group={open} now={now} onClose={() => setOpen(undefined)} />}
    </Box>
  );
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
      h="404px"
      zIndex={2}
      pointerEvents="none"
      borderLeft="2px solid"
      borderColor="ink"
    >
      <Text textStyle="label" position="absolute" left={2} top={-1}>
        {clock(now)}
      </Text>
      <Text textStyle="small" position="absolute" left="58px" top="1px" color="quiet" w="60px">
        later →
      </Text>
      <Text textStyle="small" position="absolute" right={3} top="1px" color="oxide" w="52px">
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

function useWidth(ref: React.RefObject<HTMLDivElement | null>): number {
  const [width, setWidth] = useState(1176);
  useEffect(() => {
    const element = ref.current;
    if (!element) {
      return;
    }
    const measure = () => setWidth(element.clientWidth);
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, [ref]);
  return width;
}
