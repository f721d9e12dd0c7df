import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { type Schemas } from '../api/client';
import { counted, plural } from '../kit/format';
import { Key } from '../kit/States';
import { type LineAllotments, type Order, useAllotments, useOrderActs } from '../server/useOrders';
import { mass } from '../kit/style/units';
import { Wrong } from '../kit/Wrong';

type Piece = Schemas['AllotmentView'];
const Press = chakra('button');

/** The pieces that lines have, and those that they could have, by shade. */
export function AllotPanel({ order }: { order: Order }) {
  const { data } = useAllotments(order.id);
  const { allotBest, allot, free } = useOrderActs();
  const open = (data ?? []).filter((l) => wanting(order, l) > 0 && l.free.length > 0);
  const tied = (data ?? []).filter((l) => l.own.some((p) => !p.sent));
  const error = allotBest.error ?? allot.error ?? free.error;
  if (open.length === 0 && tied.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="Allotments" mt={7}>
      <Flex gap={4} alignItems="center" mb={2}>
        <Text textStyle="name">Pieces</Text>
        {open.length > 0 && (
          <Key busy={allotBest.isPending} onClick={() => allotBest.mutate(order.id)}>
            Allot the oldest of one shade
          </Key>
        )}
      </Flex>
      <Wrong error={error} />
      {[...new Set([...tied, ...open])].map((line) => (
        <Box key={line.lineId} py={2} borderTop="1px solid" borderColor="rule">
          <Text fontWeight={600}>{nameOf(order, line)}</Text>
          <Shades
            words="tied"
            press="free"
            pieces={line.own.filter((p) => !p.sent)}
            onPiece={(p) => free.mutate([p.pieceId])}
          />
          {wanting(order, line) > 0 && (
            <Shades
              words="could be had"
              press="tie"
              pieces={line.free}
              onPiece={(p) => allot.mutate({ lineId: line.lineId, pieceIds: [p.pieceId] })}
            />
          )}
        </Box>
      ))}
    </Box>
  );
}

function wanting(order: Order, line: LineAllotments): number {
  return order.lines.find((l) => l.id === line.lineId)?.toPour ?? 0;
}

function nameOf(order: Order, line: LineAllotments): string {
  const of = order.lines.find((l) => l.id === line.lineId);
  return of ? `${counted(of.quantity, of.product)}, ${of.colourway}` : '';
}

function stateOf(piece: Piece): string {
  return piece.readyAt ? 'ready' : piece.demouldedAt ? 'curing' : 'in the mould';
}

interface ShadesProps {
  words: string;
  press: string;
  pieces: Piece[];
  onPiece: (piece: Piece) => void;
}

/** Pieces of one pour stand together: they are of one shade. */
function Shades({ words, press, pieces, onPiece }: ShadesProps) {
  const pours = [...new Set(pieces.map((p) => p.pourId))];
  return (
    <>
      {pours.map((pour) => {
        const own = pieces.filter((p) => p.pourId === pour);
        return (
          <Flex key={pour} gap={2} wrap="wrap" alignItems="center" my={1}>
            <Text textStyle="small" color="quiet" w="210px">
              {plural(own.length, 'piece')} {words}, of pour {pour}
            </Text>
            {own.slice(0, 12).map((p) => (
              <Press
                key={p.pieceId}
                type="button"
                onClick={() => onPiece(p)}
                aria-label={`${press} piece ${p.pieceId}`}
                border="1px solid"
                borderColor="steel"
                bg="panel"
                px={3}
                minH="44px"
                cursor="pointer"
                textStyle="small"
              >
                {press} {p.pieceId} · {stateOf(p)}
                {p.massKg ? ` · ${mass(p.massKg)}` : ''}
              </Press>
            ))}
            {own.length > 12 && (
              <Text textStyle="small" color="quiet">
                and {own.length - 12} more
              </Text>
            )}
          </Flex>
        );
      })}
    </>
  );
}
