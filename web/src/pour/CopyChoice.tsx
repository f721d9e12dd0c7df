import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Loading } from '../kit/States';
import { type Mould, useMoulds } from '../server/useMoulds';
import { Cooling } from './Cooling';
import { cleanFirst, CopyRow, isFree, type Open } from './CopyRow';
import { PourStart } from './PourStart';
import { SheetSummary } from './SheetSummary';
import { useSheet, type Wanted } from '../server/usePour';
import { numberIn } from '../kit/format';
import { Wrong } from '../kit/Wrong';

const Press = chakra('button');

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
  const mouldOf = (of: Open) => moulds.find((m) => m.id === of.mouldId);
  const first = (of: Open) =>
    cleanFirst(mouldOf(of)?.copies ?? [])
      .filter(isFree)
      .slice(0, of.toPour ?? 1)
      .map((c) => c.id);
  const [picked, setPicked] = useState<Record<string, number[]>>(() => ({
    [open.key]: first(open),
  }));
  const [minutes, setMinutes] = useState('');
  const minutesWanted = numberIn(minutes);
  const all = [open, ...others.filter((o) => picked[o.key])];
  const copiesOf = (of: Open) =>
    (picked[of.key] ?? []).filter((id) =>
      mouldOf(of)?.copies.some((c) => c.id === id && isFree(c)),
    );
  const wanted: Wanted = {
    fills: all
      .map((of) => ({
        productId: of.productId,
        ...(of.lineId !== undefined && { lineId: of.lineId }),
        copyIds: copiesOf(of),
      }))
      .filter((f) => f.copyIds.length > 0),
    colourwayId: open.colourwayId,
    ...(minutesWanted > 0 && { minutesWanted }),
  };
  const sheet = useSheet(wanted);
  const flip = (of: Open, id: number) =>
    setPicked({
      ...picked,
      [of.key]: copiesOf(of).includes(id)
        ? copiesOf(of).filter((c) => c !== id)
        : [...copiesOf(of), id],
    });
  const join = (of: Open) => {
    const { [of.key]: on, ...rest } = picked;
    setPicked(on ? rest : { ...picked, [of.key]: first(of) });
  };
  const chosen = wanted.fills.length > 0;
  // A product's copies are for one line of it, or for stock.
  const joinable = others.filter(
    (o) => picked[o.key] || !all.some((a) => a.productId === o.productId),
  );
  return (
    <Box flex={1} minW={0}>
      {all.map((of) => {
        const mould = mouldOf(of);
        return (
          mould && (
            <CopyRow
              key={of.key}
              open={of}
              mould={mould}
              chosen={copiesOf(of)}
              onFlip={(id) => flip(of, id)}
            />
          )
        );
      })}
      {joinable.length > 0 && (
        <Flex gap={3} wrap="wrap" alignItems="center" mb={2}>
          <Text color="quiet">of the same mix:</Text>
          {joinable.map((o) => (
            <Press
              key={o.key}
              type="button"
              aria-pressed={picked[o.key] !== undefined}
              onClick={() => join(o)}
              minH="48px"
              px={4}
              border="1px solid"
              borderColor={picked[o.key] ? 'ink' : 'steel'}
              borderRadius="4px"
              bg={picked[o.key] ? 'panel' : 'transparent'}
              cursor="pointer"
            >
              {picked[o.key] ? 'without' : 'and'} {o.product}, {o.forWhom}
            </Press>
          ))}
        </Flex>
      )}
      {chosen && <Wrong error={sheet.error} mt={4} />}
      {chosen && sheet.data && !sheet.error && (
        <>
          <PourStart key={JSON.stringify(wanted.fills)} wanted={wanted} sheet={sheet.data} />
          <SheetSummary sheet={sheet.data} />
          <Cooling sheet={sheet.data} minutes={minutes} onMinutes={setMinutes} />
        </>
      )}
    </Box>
  );
}
