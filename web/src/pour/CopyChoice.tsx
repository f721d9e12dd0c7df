import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { messageOf } from '../api/client';
import { Loading } from '../kit/States';
import { type Mould, useMoulds } from '../mould/useMoulds';
import type { Line } from '../order/useOrders';
import { Cooling } from './Cooling';
import { CopyRow, isFree } from './CopyRow';
import { SheetSummary } from './SheetSummary';
import { sheetPath, useSheet, type Wanted } from './usePour';

const Press = chakra('button');

/** A line that is still to be poured, with its order's number. */
export interface Open {
  line: Line;
  orderNumber: string;
}

interface Props {
  open: Open;
  /** Lines in the same colourway, of other products: one mix could fill them too. */
  others: Open[];
}

export function CopyChoice({ open, others }: Props) {
  const { data } = useMoulds();
  return data ? (
    <Chooser open={open} others={others} moulds={data.items} />
  ) : (
    <Loading what="its copies" />
  );
}

/** The copies of one line's mould or of several, as many chosen as wanted, and what that takes. */
function Chooser({ open, others, moulds }: Props & { moulds: Mould[] }) {
  const mouldOf = (line: Line) => moulds.find((m) => m.id === line.mouldId);
  const first = (line: Line) =>
    (mouldOf(line)?.copies ?? [])
      .filter(isFree)
      .slice(0, line.toPour)
      .map((c) => c.id);
  const [picked, setPicked] = useState<Record<number, number[]>>(() => ({
    [open.line.id]: first(open.line),
  }));
  const [minutes, setMinutes] = useState('');
  const minutesWanted = Number(minutes.replace(',', '.'));
  const lines = [open, ...others.filter((o) => picked[o.line.id])];
  const copiesOf = (line: Line) =>
    (picked[line.id] ?? []).filter((id) =>
      mouldOf(line)?.copies.some((c) => c.id === id && isFree(c)),
    );
  const wanted: Wanted = {
    fills: lines
      .map(({ line }) => ({
        productId: line.productId,
        lineId: line.id,
        copyIds: copiesOf(line),
      }))
      .filter((f) => f.copyIds.length > 0),
    colourwayId: open.line.colourwayId,
    ...(minutesWanted > 0 && { minutesWanted }),
  };
  const sheet = useSheet(wanted);
  const flip = (line: Line, id: number) =>
    setPicked({
      ...picked,
      [line.id]: copiesOf(line).includes(id)
        ? copiesOf(line).filter((c) => c !== id)
        : [...copiesOf(line), id],
    });
  const join = ({ line }: Open) => {
    const { [line.id]: on, ...rest } = picked;
    setPicked(on ? rest : { ...picked, [line.id]: first(line) });
  };
  const chosen = wanted.fills.length > 0;
  return (
    <Box flex={1} minW={0}>
      {lines.map(({ line, orderNumber }) => {
        const mould = mouldOf(line);
        return (
          mould && (
            <CopyRow
              key={line.id}
              line={line}
              orderNumber={orderNumber}
              mould={mould}
              chosen={copiesOf(line)}
              onFlip={(id) => flip(line, id)}
            />
          )
        );
      })}
      {others.length > 0 && (
        <Flex gap={3} wrap="wrap" alignItems="center" mb={2}>
          <Text color="quiet">of the same mix:</Text>
          {others.map((o) => (
            <Press
              key={o.line.id}
              type="button"
              aria-pressed={picked[o.line.id] !== undefined}
              onClick={() => join(o)}
              minH="48px"
              px={4}
              border="1px solid"
              borderColor={picked[o.line.id] ? 'ink' : 'steel'}
              borderRadius="4px"
              bg={picked[o.line.id] ? 'panel' : 'transparent'}
              cursor="pointer"
            >
              {picked[o.line.id] ? 'without' : 'and'} {o.line.product}, {o.orderNumber}
            </Press>
          ))}
        </Flex>
      )}
      {chosen && sheet.error && (
        <Text role="alert" mt={4} color="oxide" fontWeight={600}>
          {messageOf(sheet.error)}
        </Text>
      )}
      {chosen && sheet.data && !sheet.error && (
        <>
          <Link to={sheetPath(wanted)}>
            <Flex
              mt={5}
              minH="64px"
              maxW="340px"
              bg="ink"
              color="ground"
              borderRadius="4px"
              alignItems="center"
              justifyContent="center"
              textStyle="label"
              fontSize="24px"
              _hover={{ bg: 'steel' }}
            >
              To the bench →
            </Flex>
          </Link>
          <SheetSummary sheet={sheet.data} />
          <Cooling sheet={sheet.data} minutes={minutes} onMinutes={setMinutes} />
        </>
      )}
    </Box>
  );
}
