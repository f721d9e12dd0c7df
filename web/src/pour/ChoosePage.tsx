import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { Link } from '../kit/Link';
import { counted } from '../kit/format';
import { SmallSection } from '../kit/SmallSection';
import { day } from '../kit/style/time';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { type ToPour, useToPour } from '../server/useOrders';
import { type Mould, useMoulds } from '../server/useMoulds';
import { FirstThing } from '../missing/FirstThing';
import { Missing } from '../missing/Missing';
import { CopyChoice } from './CopyChoice';
import type { Open } from './CopyRow';
import { ForStock, useAlsoForStock, useForStock } from './ForStock';
import { OpenPours } from './OpenPours';
import { Waiting } from './Waiting';

const Press = chakra('button');

/** What to pour, and into which copies. */
export function ChoosePage() {
  useTitle('Pour');
  const [params, setParams] = useSearchParams();
  const { data, error, refetch } = useToPour();
  const { data: moulds } = useMoulds();
  const wanted = data ?? [];
  const forStock = useForStock(params.get('stock'));
  const ordered = wanted.find(({ line }) => String(line.id) === params.get('order'));
  const chosen = ordered ? openOf(ordered) : forStock;
  // One mix fills them too; of a product that is chosen already its own line comes first.
  const others = [...wanted.map(openOf), ...useAlsoForStock(chosen)].filter(
    (o) => o.mixKey === chosen?.mixKey && o.productId !== chosen.productId,
  );
  return (
    <Box px={{ base: 4, md: 9 }} pt={7}>
      <Text as="h1" textStyle="title">
        What to pour
      </Text>
      <OpenPours />
      <Waiting />
      {chosen && <Missing about={`product-${chosen.productId}`} />}
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="what is wanted" />}
      {data && wanted.length === 0 && (
        <FirstThing title="No order needs pouring">
          Choose a product to pour for stock, or{' '}
          <Link className="plain-link" to="/orders/new">
            take an order
          </Link>
          .
        </FirstThing>
      )}
      <Flex gap={8} mt={4} direction={{ base: 'column', lg: 'row' }} alignItems="flex-start">
        <Box w={{ base: '100%', lg: '400px' }} flexShrink={0}>
          {byMix(wanted).map(([mixKey, own]) => (
            <Box key={mixKey} mb={4}>
              <Flex gap={3} alignItems="center" borderBottom="4px solid" borderColor="steel" pb={1}>
                <Box
                  aria-hidden
                  w="22px"
                  h="22px"
                  border="1px solid"
                  borderColor="steel"
                  style={{ background: own[0]?.line.swatch }}
                />
                <Text as="h2" textStyle="label" fontSize="20px">
                  {own[0]?.recipe}, {own[0]?.line.colourway}
                </Text>
              </Flex>
              {own.map((w) => (
                <Choice
                  key={w.line.id}
                  wanted={w}
                  mould={moulds?.items.find((m) => m.id === w.line.mouldId)}
                  on={ordered?.line.id === w.line.id}
                  onPress={() => setParams({ order: String(w.line.id) })}
                />
              ))}
            </Box>
          ))}
          {data && (
            <ForStock value={params.get('stock') ?? ''} onValue={(stock) => setParams({ stock })} />
          )}
          <Text mt={3}>
            <Link className="plain-link" to="/pours">
              all pours
            </Link>{' '}
            ·{' '}
            <Link className="plain-link" to="/pour/weights">
              target weights
            </Link>
          </Text>
        </Box>
        {chosen ? (
          <CopyChoice key={chosen.key} open={chosen} others={others} />
        ) : (
          wanted.length > 0 && (
            <Text color="quiet" pt={3}>
              Choose a line to see its copies and what to weigh out.
            </Text>
          )
        )}
      </Flex>
    </Box>
  );
}

function openOf({ line, number, mixKey }: ToPour): Open {
  return {
    key: `line-${line.id}`,
    lineId: line.id,
    productId: line.productId,
    product: line.product,
    mouldId: line.mouldId,
    colourwayId: line.colourwayId,
    colourway: line.colourway,
    swatch: line.swatch,
    toPour: line.toPour,
    forWhom: number,
    mixKey,
  };
}

/** What one bowl can fill stands together, in the order of the first that is due. */
function byMix(wanted: ToPour[]): [string, ToPour[]][] {
  const groups = new Map<string, ToPour[]>();
  for (const w of wanted) {
    groups.set(w.mixKey, [...(groups.get(w.mixKey) ?? []), w]);
  }
  return [...groups];
}

interface ChoiceProps {
  wanted: ToPour;
  mould: Mould | undefined;
  on: boolean;
  onPress: () => void;
}

function Choice({ wanted, mould, on, onPress }: ChoiceProps) {
  const { line } = wanted;
  const free = mould?.copies.filter((c) => !c.held && c.condition === 'good').length;
  return (
    <Press
      type="button"
      aria-pressed={on}
      onClick={onPress}
      display="flex"
      w="100%"
      minH="60px"
      gap={3}
      alignItems="center"
      textAlign="left"
      px={3}
      py={2}
      cursor="pointer"
      borderBottom="1px solid"
      borderColor="rule"
      borderLeft="6px solid"
      borderLeftColor={on ? 'ink' : 'transparent'}
      bg={on ? 'panel' : 'transparent'}
      _hover={{ bg: 'panel' }}
    >
      <Box aria-hidden w="46px" h="42px" flexShrink={0}>
        {mould && (
          <SmallSection section={mould.section} filled swatch={line.swatch} title={mould.name} />
        )}
      </Box>
      <Box flex={1} minW={0}>
        <Text textStyle="label" fontSize="20px">
          {counted(line.toPour, line.product)}
        </Text>
        <Text textStyle="small" color="quiet" truncate>
          {wanted.number} {wanted.customer} · due {day(line.due)}
        </Text>
      </Box>
      {free !== undefined && (
        <Text textStyle="small" color={free === 0 ? 'ochre' : 'quiet'} flexShrink={0}>
          {free === 0 ? 'none free' : `${free} free`}
        </Text>
      )}
    </Press>
  );
}
