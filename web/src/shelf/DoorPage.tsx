import { Box, Flex, Text } from '@chakra-ui/react';
import { useMemo, useRef } from 'react';
import { Failed, Loading } from '../kit/States';
import { clock, day, dateAt } from '../kit/style/time';
import { useTitle } from '../kit/useTitle';
import { useWidth } from '../kit/useWidth';
import { useNow, useWorkshop } from '../server/useWorkshop';
import { Boards, byBoardOf } from './Boards';
import { useShelf } from '../server/useShelf';

/** A screen is told of no acts; it looks this often. */
const LOOK_MS = 15_000;

/** The shelf on a screen at the door: nothing to press, large enough to be read from the yard. */
export function DoorPage() {
  useTitle('Shelf');
  const now = useNow();
  const { data: workshop } = useWorkshop();
  const { data, error, refetch } = useShelf(LOOK_MS);
  const frame = useRef<HTMLDivElement>(null);
  const widthPx = useWidth(frame);
  const byBoard = useMemo(() => byBoardOf(data?.groups ?? []), [data]);
  return (
    <Box as="main" minH="100vh" bg="ground" color="ink">
      <Flex
        bg="post"
        color="postInk"
        px={6}
        py={3}
        alignItems="baseline"
        justifyContent="space-between"
      >
        <Text as="h1" textStyle="title" color="postInk">
          {workshop?.name ?? 'Shelf'}
        </Text>
        <Text textStyle="figure">
          {day(dateAt(now))}, {clock(now)}
        </Text>
      </Flex>
      <Box ref={frame} position="relative" pt={2}>
        {error && !data && <Failed error={error} retry={() => void refetch()} />}
        {!data && !error && <Loading what="the shelf" />}
        {data && <Boards shelf={data} byBoard={byBoard} now={now} widthPx={widthPx} />}
      </Box>
    </Box>
  );
}
