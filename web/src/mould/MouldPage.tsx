import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useParams } from 'react-router';
import { plural } from '../kit/format';
import { SectionDrawing } from '../kit/SectionDrawing';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { useShelf } from '../shelf/useShelf';
import { useNow } from '../workshop/useWorkshop';
import { CopyMark } from './CopyMark';
import { MouldFigures } from './MouldFigures';
import { OffsetSlider } from './OffsetSlider';
import { type Mould, useMould, useMouldSum, useProducts } from './useMoulds';

/** One mould: its section, what it holds, its copies. */
export function MouldPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useMould(id);
  useTitle(data ? `${data.name} mould` : 'Mould');
  return (
    <Box px={{ base: 4, md: 9 }} pt={7}>
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the mould" />}
      {data && <Whole key={data.id} mould={data} />}
    </Box>
  );
}

function Whole({ mould }: { mould: Mould }) {
  const [offsetMm, setOffsetMm] = useState(mould.shape.coreOffsetMm);
  const now = useNow();
  const { data: shelf } = useShelf();
  const { data: products } = useProducts();
  const used = (products ?? []).filter((p) => p.product.mouldId === mould.id);
  const density = used[0]?.freshDensityKgM3 ?? 0;
  const { data: sum, error, refetch } = useMouldSum(mould, offsetMm, density);
  const free = mould.copies.filter((c) => !c.held && c.condition === 'good').length;
  const holding = (pourId: number | undefined) =>
    shelf?.groups.find((g) => g.board === 'mould' && g.pourId === pourId);
  return (
    <>
      <Text as="h1" textStyle="title">
        {mould.name} mould
      </Text>
      <Text color="quiet">
        {mould.kind} · {mould.family} · {plural(mould.copies.length, 'copy', 'copies')}, {free} free
        {used.length > 0 && ` · used by ${used.map((p) => p.product.name).join(', ')}`}
      </Text>
      <Grid templateColumns={{ base: '1fr', lg: '480px 1fr' }} columnGap={8} mt={3}>
        <Box>
          <Box h="360px">
            <SectionDrawing
              section={mould.section}
              offsetMm={offsetMm}
              callouts
              title={`Section of the ${mould.name} mould, to scale`}
              thinnest={
                sum?.thinnestWallMm !== undefined
                  ? { mm: sum.thinnestWallMm, atMm: sum.thinnestAtMm ?? 0, ok: sum.wallOk }
                  : undefined
              }
            />
          </Box>
          {sum?.nominalWallMm !== undefined && (
            <OffsetSlider
              value={offsetMm}
              mostMm={Math.floor(sum.nominalWallMm * 2 - 0.1) / 2}
              allowedMm={sum.allowedOffsetMm ?? 0}
              onChange={setOffsetMm}
            />
          )}
        </Box>
        <Box pt={3}>
          {error && !sum && <Failed error={error} retry={() => void refetch()} />}
          {sum && (
            <MouldFigures
              mould={mould}
              sum={sum}
              offsetMm={offsetMm}
              mix={{ name: used[0]?.recipe.name ?? 'the mix', densityKgM3: density }}
            />
          )}
          {sum?.warnings.map((w) => (
            <Text key={w.code} mt={3} color="oxide" fontWeight={600}>
              {w.message}
            </Text>
          ))}
        </Box>
      </Grid>
      <Text as="h2" textStyle="name" mt={4} mb={3}>
        Copies
      </Text>
      <Flex wrap="wrap" gap={6}>
        {mould.copies.map((copy) => (
          <CopyMark
            key={copy.id}
            copy={copy}
            section={mould.section}
            expectedCasts={mould.expectedCasts}
            holding={holding(copy.held?.pourId)}
            now={now}
          />
        ))}
      </Flex>
    </>
  );
}
