import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { messageOf } from '../api/client';
import { Choice } from '../kit/Choice';
import { plural } from '../kit/format';
import { moment } from '../kit/style/time';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import type { Order } from '../server/useOrders';
import { useNow } from '../server/useWorkshop';
import { type DispatchView, useDispatchActs, useDispatches } from '../server/useDispatch';
import { mass } from '../kit/style/units';
import { Wrong } from '../kit/Wrong';

/** What of an order has gone, with its slips, and what comes back. */
export function OrderDispatches({ order }: { order: Order }) {
  const { data } = useDispatches(order.id);
  if (!data || data.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="Gone" mt={8}>
      <Text textStyle="name">Gone</Text>
      {data.map((d) => (
        <Gone key={d.id} dispatch={d} />
      ))}
      <TakeBack
        pieces={data.filter((d) => !d.undone).flatMap((d) => d.parcels.flatMap((p) => p.pieceIds))}
      />
    </Box>
  );
}

function Gone({ dispatch }: { dispatch: DispatchView }) {
  const now = useNow();
  const { undo } = useDispatchActs();
  return (
    <Flex py={3} gap={5} borderTop="1px solid" borderColor="rule" wrap="wrap" alignItems="center">
      <Box flex={1} minW="280px" color={dispatch.undone ? 'quiet' : 'ink'}>
        <Text fontWeight={600}>
          {moment(Date.parse(dispatch.sentAt), now)}, {dispatch.carrier}
          {dispatch.undone ? ', taken back' : ''}
        </Text>
        <Text textStyle="small">
          {dispatch.parcels
            .map((p) => `${plural(p.pieceIds.length, 'piece')}, ${mass(p.massKg)}, ${p.tracking}`)
            .join(' · ')}
        </Text>
      </Box>
      <a className="plain-link" href={`/api/dispatches/${dispatch.id}/slip.pdf`}>
        packing slip
      </a>
      <a className="plain-link" href={`/api/dispatches/${dispatch.id}/labels.pdf`}>
        address labels
      </a>
      {!dispatch.undone && (
        <Key busy={undo.isPending} onClick={() => undo.mutate(dispatch.id)}>
          It did not go
        </Key>
      )}
      {undo.error && <Text color="oxide">{messageOf(undo.error)}</Text>}
    </Flex>
  );
}

function TakeBack({ pieces }: { pieces: number[] }) {
  const { takeBack } = useDispatchActs();
  const [piece, setPiece] = useState('');
  const [reason, setReason] = useState('');
  const [what, setWhat] = useState<'again' | 'shelf' | 'scrap'>('again');
  return (
    <details>
      <Box as="summary" cursor="pointer" py={2} className="plain-link">
        a piece came back
      </Box>
      <Flex gap={4} wrap="wrap" alignItems="flex-end">
        <Box w="140px">
          <Choice
            label="piece"
            value={piece}
            options={[['', 'which'] as const, ...pieces.map((p) => [`${p}`, `${p}`] as const)]}
            onValue={setPiece}
          />
        </Box>
        <Box w="260px">
          <TextField label="reason" text={reason} onText={setReason} />
        </Box>
        <Box w="300px">
          <Choice
            label="what happens to the pieces"
            value={what}
            options={[
              ['again', 'scrap it, make it again'] as const,
              ['scrap', 'scrap it, money back'] as const,
              ['shelf', 'sound: on the shelf, money back'] as const,
            ]}
            onValue={setWhat}
          />
        </Box>
        <Box pb="20px">
          <Key
            busy={takeBack.isPending}
            disabled={piece === ''}
            onClick={() =>
              takeBack.mutate(
                {
                  pieceId: Number(piece),
                  reason,
                  sound: what === 'shelf',
                  replaced: what === 'again',
                },
                { onSuccess: () => setPiece('') },
              )
            }
          >
            Take it back
          </Key>
        </Box>
      </Flex>
      {takeBack.isSuccess && (
        <Text role="status" color="moss" fontWeight={600}>
          Piece {takeBack.variables.pieceId} is taken back: {takeBack.variables.reason}
        </Text>
      )}
      <Wrong error={takeBack.error} />
    </details>
  );
}
