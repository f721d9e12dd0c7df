import { Box, Text } from '@chakra-ui/react';
import { Suspense, useMemo, useRef, useState } from 'react';
import { Navigate } from 'react-router';
import { later } from '../kit/later';
import { Link } from '../kit/Link';
import { useWidth } from '../kit/useWidth';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { useNow, useWorkshop } from '../server/useWorkshop';
import { FirstThing } from '../missing/FirstThing';
import { Boards, byBoardOf } from './Boards';
import { OpenPours } from '../pour/OpenPours';
import { useOwns } from '../server/useSession';
import { LastAct } from './LastAct';
import { type Together, togetherOf } from './together';
import { TogetherKeys } from './TogetherKeys';
import { type Group, useShelf } from '../server/useShelf';
import { BOARDS } from './words';

const WashDialog = later(() => import('./WashDialog').then((m) => m.WashDialog));
const TogetherDialog = later(() => import('./TogetherDialog').then((m) => m.TogetherDialog));
const GroupDialog = later(() => import('./GroupDialog').then((m) => m.GroupDialog));

/** Home: everything between pour and ready, board by board, along time. */
export function ShelfPage() {
  useTitle('Shelf');
  const now = useNow();
  const { data: workshop } = useWorkshop();
  const owns = useOwns();
  const { data, error, refetch } = useShelf();
  const [open, setOpen] = useState<Group>();
  const [wash, setWash] = useState(false);
  const [together, setTogether] = useState<Together>();
  const frame = useRef<HTMLDivElement>(null);
  const widthPx = useWidth(frame);
  const byBoard = useMemo(() => byBoardOf(data?.groups ?? []), [data]);
  if (workshop && !workshop.setUp && owns) {
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
            <Boards shelf={data} byBoard={byBoard} now={now} widthPx={widthPx} onPress={setOpen} />
          </>
        )}
        <LastAct now={now} />
        <Suspense fallback={null}>
          {wash && data && (
            <WashDialog toWash={data.toWash} now={now} onClose={() => setWash(false)} />
          )}
          {together && (
            <TogetherDialog together={together} now={now} onClose={() => setTogether(undefined)} />
          )}
          {open && <GroupDialog group={open} onClose={() => setOpen(undefined)} />}
        </Suspense>
      </Box>
    </>
  );
}
