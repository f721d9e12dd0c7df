import { Box, Flex, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import { plural } from '../kit/format';
import { SectionDrawing } from '../kit/SectionDrawing';
import { Empty, Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { type Copy, type Mould, useMoulds } from './useMoulds';

/** All moulds as they hang on the rack, each copy by its state. */
export function RackPage() {
  useTitle('Moulds');
  const { data, error, refetch } = useMoulds();
  return (
    <Box px={{ base: 4, md: 9 }} pt={7}>
      <Text as="h1" textStyle="title" mb={5}>
        Moulds
      </Text>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the moulds" />}
      {data?.items.length === 0 && (
        <Empty title="No moulds yet">Nothing can be poured before there is one.</Empty>
      )}
      {data?.items.map((mould) => (
        <MouldRow key={mould.id} mould={mould} />
      ))}
    </Box>
  );
}

function MouldRow({ mould }: { mould: Mould }) {
  const free = mould.copies.filter((c) => !c.held && c.condition === 'good').length;
  return (
    <Link to={`/moulds/${mould.id}`}>
      <Flex
        gap={6}
        alignItems="center"
        borderBottom="5px solid"
        borderColor="steel"
        pt={4}
        pb={2}
        wrap="wrap"
        _hover={{ bg: 'panel' }}
      >
        <Box w="210px">
          <Text textStyle="name">{mould.name}</Text>
          <Text textStyle="small" color="quiet">
            {mould.kind}
          </Text>
          <Text textStyle="small" color="quiet">
            {plural(mould.copies.length, 'copy', 'copies')}, {free} free
          </Text>
        </Box>
        {mould.copies.map((copy) => (
          <SmallCopy key={copy.id} copy={copy} mould={mould} />
        ))}
      </Flex>
    </Link>
  );
}

function SmallCopy({ copy, mould }: { copy: Copy; mould: Mould }) {
  const state = copy.held ? 'holds' : copy.condition === 'good' ? 'free' : copy.condition;
  return (
    <Box w="62px" textAlign="center">
      <Box h="62px">
        <SectionDrawing
          section={mould.section}
          filled={copy.held ? 1 : 0}
          swatch="var(--chakra-colors-steel)"
          title={`${copy.code}, ${state}`}
        />
      </Box>
      <Text textStyle="label" fontSize="16px">
        {copy.code}
      </Text>
      <Text
        textStyle="small"
        color={state === 'free' ? 'moss' : state === 'holds' ? 'quiet' : 'oxide'}
      >
        {state}
      </Text>
    </Box>
  );
}
