import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { messageOf } from '../api/client';
import { plural } from '../kit/format';
import { SectionDrawing } from '../kit/SectionDrawing';
import { Loading } from '../kit/States';
import { type Mould, useMould } from '../mould/useMoulds';
import type { Line } from '../order/useOrders';
import { Cooling } from './Cooling';
import { SheetSummary } from './SheetSummary';
import { useSheet } from './usePour';

const Press = chakra('button');

interface Props {
  line: Line;
  orderNumber: string;
}

export function CopyChoice({ line, orderNumber }: Props) {
  const { data: mould } = useMould(line.mouldId);
  return mould ? (
    <Chooser line={line} orderNumber={orderNumber} mould={mould} />
  ) : (
    <Loading what="its copies" />
  );
}

/** The free copies of a line's mould, as many chosen as it wants, and what that takes. */
function Chooser({ line, orderNumber, mould }: Props & { mould: Mould }) {
  const free = mould.copies.filter((c) => !c.held && c.condition === 'good');
  const [chosen, setChosen] = useState(() => free.slice(0, line.toPour).map((c) => c.id));
  const copyIds = chosen.filter((id) => free.some((c) => c.id === id));
  const [minutes, setMinutes] = useState('');
  const minutesWanted = Number(minutes.replace(',', '.'));
  const sheet = useSheet({
    productId: line.productId,
    colourwayId: line.colourwayId,
    copyIds,
    ...(minutesWanted > 0 && { minutesWanted }),
  });
  const flip = (id: number) =>
    setChosen(copyIds.includes(id) ? copyIds.filter((c) => c !== id) : [...copyIds, id]);
  const to = `/pour/sheet?line=${line.id}&product=${line.productId}&colourway=${line.colourwayId}&copies=${[...copyIds].sort((a, b) => a - b).join('.')}`;
  return (
    <Box flex={1} minW={0}>
      <Text as="h2" textStyle="name">
        {line.product}, {line.colourway}, for {orderNumber}
      </Text>
      <Text color="quiet" mb={3}>
        {plural(free.length, 'copy', 'copies')} free of {mould.copies.length}; {line.toPour} wanted
      </Text>
      <Flex wrap="wrap" gap={2}>
        {mould.copies.map((copy) => {
          const usable = free.some((c) => c.id === copy.id);
          const on = copyIds.includes(copy.id);
          const state = usable ? (on ? 'chosen' : 'free') : copy.held ? 'holds' : copy.condition;
          return (
            <Press
              key={copy.id}
              type="button"
              aria-pressed={on}
              aria-label={`${copy.code}, ${state}`}
              disabled={!usable}
              onClick={() => flip(copy.id)}
              w="92px"
              p={2}
              textAlign="center"
              cursor={usable ? 'pointer' : 'not-allowed'}
              border="2px solid"
              borderColor={on ? 'ink' : 'transparent'}
              bg={on ? 'panel' : 'transparent'}
            >
              <Box h="58px" opacity={usable ? 1 : 0.5}>
                <SectionDrawing
                  section={mould.section}
                  filled={copy.held ? 1 : on ? 1 : 0}
                  swatch={on ? line.swatch : 'var(--chakra-colors-steel)'}
                  title={copy.code}
                />
              </Box>
              <Text textStyle="label">{copy.code}</Text>
              <Text textStyle="small" color={usable ? 'ink' : 'quiet'}>
                {state}
              </Text>
            </Press>
          );
        })}
      </Flex>
      {copyIds.length === 0 && (
        <Text mt={4} color="quiet">
          {free.length === 0
            ? 'Every copy holds something. Take some out on the shelf first.'
            : 'Choose at least one copy.'}
        </Text>
      )}
      {copyIds.length > 0 && sheet.error && (
        <Text role="alert" mt={4} color="oxide" fontWeight={600}>
          {messageOf(sheet.error)}
        </Text>
      )}
      {copyIds.length > 0 && sheet.data && !sheet.error && (
        <>
          <Link to={to}>
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
