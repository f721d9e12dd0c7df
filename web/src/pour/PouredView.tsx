import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Fragment } from 'react';
import { useNavigate } from 'react-router';
import { Link } from '../kit/Link';
import { benchMass } from '../kit/style/bench';
import { plural } from '../kit/format';
import { moment } from '../kit/style/time';
import { Key } from '../kit/States';
import { useNow } from '../server/useWorkshop';
import { Balance } from './Balance';
import type { Session } from './script/facts';
import { pathOf, type Poured, useUndo } from '../server/usePour';
import { Wrong } from '../kit/Wrong';

interface Props {
  poured: Poured;
  session?: Session;
  /** Goes on with it at the bench; undefined where that cannot be. */
  onReopen?: () => void;
}

/** What a pour did: copies held, pieces made, stock fallen, and what it was short of. */
export function PouredView({ poured, session, onReopen }: Props) {
  const now = useNow();
  const undo = useUndo();
  const navigate = useNavigate();
  return (
    <Box as="main" p={{ base: 5, md: 12 }} maxW="900px">
      <Box role="status">
        <Text as="h1" textStyle="title" fontSize="48px">
          Pour {poured.id} is {poured.undoneAt ? 'taken back' : 'recorded'}
        </Text>
      </Box>
      <Text fontSize="22px" mt={2}>
        {plural(poured.pieces, 'piece')} ({poured.products.join(', ')}),{' '}
        {poured.colourway.toLowerCase()}, in {poured.copies.join(' ')}. Out{' '}
        {moment(Date.parse(poured.readyAt), now)}
        {poured.greenUntil && `, green until ${moment(Date.parse(poured.greenUntil), now)}`}.
        {poured.who && ` By ${poured.who}.`}
      </Text>
      {poured.orders.length > 0 && (
        <Text fontSize="22px">
          {poured.allotted} allotted to order {poured.orders.map((o) => o.number).join(' and ')}.
        </Text>
      )}
      {session && <Balance session={session} />}
      {poured.waiting.map((w) => (
        <Text key={w.layerNo} fontSize="22px" fontWeight={600} mt={2}>
          Then {w.layer} in {w.layerColourway.toLowerCase()}, from{' '}
          {moment(Date.parse(w.mayStartAt), now)}:{' '}
          <Link className="plain-link" to={pathOf(w)}>
            its sheet
          </Link>
        </Text>
      ))}
      <Grid templateColumns="1fr auto auto auto" columnGap={8} rowGap={2} mt={8} fontSize="20px">
        {['', 'asked', 'went in', 'left in stock'].map((h) => (
          <Text key={h} textStyle="small" color="quiet" textAlign={h ? 'right' : 'left'}>
            {h}
          </Text>
        ))}
        {poured.weighOuts.map((w) => (
          <Fragment key={w.materialId}>
            <Text>{w.material}</Text>
            <Text textAlign="right" color="quiet">
              {benchMass(Number(w.askedKg))}
            </Text>
            <Text textAlign="right" textStyle="label" fontSize="20px">
              {benchMass(Number(w.actualKg))}
            </Text>
            <Text textAlign="right" color="quiet">
              {w.remainingKg === undefined ? 'tap' : benchMass(Number(w.remainingKg))}
            </Text>
          </Fragment>
        ))}
      </Grid>
      <Flex gap={4} mt={8} alignItems="center" wrap="wrap">
        {onReopen && !poured.undoneAt && <Key onClick={onReopen}>Not over: go on pouring</Key>}
        {!poured.undoneAt && (
          <Key
            busy={undo.isPending}
            onClick={() =>
              undo.mutate(
                { key: `undo-${poured.id}`, id: poured.id },
                { onSuccess: () => void navigate('/pour') },
              )
            }
          >
            Undo: it was not poured
          </Key>
        )}
        <Wrong error={undo.error} />
      </Flex>
      <Flex gap={6} mt={6} fontSize="22px">
        <Link className="plain-link" to="/">
          To the shelf
        </Link>
        {poured.orders.map((o) => (
          <Link key={o.id} className="plain-link" to={`/orders/${o.id}`}>
            To order {o.number}
          </Link>
        ))}
        <Link className="plain-link" to="/pour">
          Pour more
        </Link>
        <Link className="plain-link" to="/pours">
          All pours
        </Link>
      </Flex>
    </Box>
  );
}
