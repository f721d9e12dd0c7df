import { Box, Flex, Text } from '@chakra-ui/react';
import { memo } from 'react';
import { Link } from '../kit/Link';
import { plural } from '../kit/format';
import { SmallSection } from '../kit/SmallSection';
import type { Copy, Mould } from '../server/useMoulds';

interface Props {
  mould: Mould;
  copies: Copy[];
}

/** One mould's copies, hanging side by side. */
export const RackRow = memo(function RackRow({ mould, copies }: Props) {
  const free = mould.copies.filter((c) => !c.held && c.condition === 'good').length;
  return (
    <Flex
      gap={6}
      alignItems="center"
      borderBottom="5px solid"
      borderColor="steel"
      pt={4}
      pb={2}
      _hover={{ bg: 'panel' }}
      style={{ contentVisibility: 'auto', containIntrinsicSize: 'auto 130px' }}
    >
      <Box w="210px" flexShrink={0}>
        <Link to={`/moulds/${mould.id}`}>
          <Text textStyle="name">{mould.name}</Text>
          <Text textStyle="small" color="quiet">
            {mould.kindName}
          </Text>
          <Text textStyle="small" color="quiet">
            {plural(mould.copies.length, 'copy')}, {free} free
          </Text>
        </Link>
      </Box>
      <Flex wrap="wrap" gap={3}>
        {copies.map((copy) => (
          <SmallCopy key={copy.id} copy={copy} mould={mould} />
        ))}
      </Flex>
    </Flex>
  );
});

function SmallCopy({ copy, mould }: { copy: Copy; mould: Mould }) {
  const state = copy.held
    ? 'holds'
    : copy.condition === 'good'
      ? copy.washDue
        ? 'wash'
        : 'free'
      : copy.condition;
  const color = state === 'free' ? 'moss' : state === 'holds' ? 'quiet' : 'oxide';
  return (
    <Link to={`/copies/${copy.id}`}>
      <Box w="62px" textAlign="center">
        <Box h="56px">
          <SmallSection
            section={mould.section}
            filled={copy.held !== undefined}
            swatch="var(--chakra-colors-steel)"
            title={`${copy.code}, ${state}`}
          />
        </Box>
        <Text textStyle="label" fontSize="16px">
          {copy.code}
        </Text>
        <Text textStyle="small" color={state === 'wash' ? 'bath' : color}>
          {state}
        </Text>
      </Box>
    </Link>
  );
}
