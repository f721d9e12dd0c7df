import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useParams } from 'react-router';
import { Link } from '../kit/Link';
import { CopyMark } from '../copy/CopyMark';
import { plural } from '../kit/format';
import { PlanDrawing } from '../kit/PlanDrawing';
import { SectionDrawing } from '../kit/SectionDrawing';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { Missing } from '../missing/Missing';
import { useProducts } from '../server/useProducts';
import { useShelf } from '../server/useShelf';
import { useNow } from '../server/useWorkshop';
import { AddCopy } from './AddCopy';
import { Downloads } from './Downloads';
import { MouldFigures } from './MouldFigures';
import { OffsetSlider } from './OffsetSlider';
import { TippingPanel } from './TippingPanel';
import { type Mould, useMould, useMouldSum } from '../server/useMoulds';
import { familyName } from './words';

/** Over so many times its width a piece is tall, and one asks whether it stands. */
const TALL = 1.5;

/** One mould: its section, what it holds, its copies. */
export function MouldPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useMould(id);
  useTitle(data ? `${data.name} mould` : 'Mould');
  return (
    <Box px={{ base: 4, md: 9 }} pt={7}>
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the mould" />}
      {data && <Whole key={`${data.id} ${data.version}`} mould={data} />}
    </Box>
  );
}

function Whole({ mould }: { mould: Mould }) {
  const [offsetMm, setOffsetMm] = useState(mould.shape.coreOffsetMm);
  const now = useNow();
  const { data: shelf } = useShelf();
  const { data: products } = useProducts();
  const used = (products ?? []).filter((p) => p.product.mouldId === mould.id);
  const {
    data: sum,
    error,
    refetch,
  } = useMouldSum(mould, offsetMm, used[0]?.freshDensityKgM3, products !== undefined);
  const free = mould.copies.filter((c) => !c.held && c.condition === 'good').length;
  const holding = (pourId: number | undefined) =>
    shelf?.groups.find((g) => g.casts.length > 0 && g.pourId === pourId);
  const { section } = mould;
  const tall = section.rimMm > TALL * 2 * (section.outer[0]?.rMm ?? Infinity);
  const planSays =
    mould.shape.cavity.kind === 'outline' ||
    mould.shape.cavity.kind === 'mesh' ||
    mould.shape.cavity.kind === 'polygonPrism' ||
    mould.shape.moreCores.length > 0;
  return (
    <>
      <Flex justifyContent="space-between" alignItems="baseline" gap={4}>
        <Text as="h1" textStyle="title">
          {mould.name} mould
        </Text>
        <Link className="plain-link" to={`/moulds/${mould.id}/change`}>
          change it
        </Link>
      </Flex>
      <Text color="quiet">
        {mould.kindName} · {familyName(mould.family)} · {plural(mould.copies.length, 'copy')},{' '}
        {free} free
        {used.map((p) => (
          <span key={p.product.id}>
            {' · '}
            <Link className="plain-link" to={`/products/${p.product.id}`}>
              {p.product.name}
            </Link>
          </span>
        ))}
        {' · '}
        <Link className="plain-link" to={`/products/new/form?mould=${mould.id}`}>
          make a product of it
        </Link>
      </Text>
      <Missing about={`mould-${mould.id}`} codes={['missing.emptyMass']} />
      <Grid templateColumns={{ base: '1fr', lg: '480px 1fr' }} columnGap={8} mt={3}>
        <Box>
          <Box h={section.rimMm < (section.outer[0]?.rMm ?? 0) ? '220px' : '360px'}>
            <SectionDrawing
              section={section}
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
          {planSays && sum && (
            <Box h="220px">
              <PlanDrawing plan={sum.plan} title={`The ${mould.name} mould from above, to scale`} />
            </Box>
          )}
          {mould.shape.core && sum?.nominalWallMm !== undefined && (
            <OffsetSlider
              value={offsetMm}
              mostMm={Math.floor(sum.nominalWallMm * 2 - 0.1) / 2}
              allowedMm={sum.allowedOffsetMm ?? 0}
              onChange={setOffsetMm}
            />
          )}
          <Downloads mould={mould} />
          {section.drawn && (
            <Link className="plain-link" to={`/moulds/${mould.id}/lettering`}>
              plan its lettering
            </Link>
          )}
        </Box>
        <Box pt={3}>
          {error && !sum && <Failed error={error} retry={() => void refetch()} />}
          {sum && (
            <MouldFigures
              mould={mould}
              sum={sum}
              offsetMm={offsetMm}
              mix={used[0]?.recipe.name ?? 'an ordinary mix'}
            />
          )}
          {sum?.warnings.map((w) => (
            <Text key={w.code + w.field} mt={3} color="oxide" fontWeight={600}>
              {w.message}
            </Text>
          ))}
        </Box>
      </Grid>
      {section.drawn && (mould.family === 'lamps' || tall) && <TippingPanel mould={mould} />}
      <Text as="h2" textStyle="name" mt={5} mb={3}>
        Copies
      </Text>
      {mould.copies.length === 0 && (
        <Text color="quiet" mb={3}>
          No copy of it is kept yet. Nothing can be poured before there is one.
        </Text>
      )}
      <Flex wrap="wrap" gap={6} mb={4}>
        {mould.copies.map((copy) => (
          <CopyMark
            key={copy.id}
            copy={copy}
            section={section}
            expectedCasts={mould.expected.casts}
            holding={holding(copy.held?.pourId)}
            now={now}
          />
        ))}
      </Flex>
      <AddCopy mould={mould} />
    </>
  );
}
