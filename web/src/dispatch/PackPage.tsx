import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Link } from '../kit/Link';
import { type Schemas } from '../api/client';
import { Choice } from '../kit/Choice';
import { plural } from '../kit/format';
import { Caution, Empty, Key, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { PickList } from './DispatchPage';
import {
  type PackRequest,
  useCarriers,
  useDispatchActs,
  usePacking,
  usePicks,
} from '../server/useDispatch';
import { MeasureField } from '../kit/MeasureField';
import { bareEntry } from '../kit/style/entry';
import { valueIn } from '../kit/style/read';
import { isUs } from '../kit/style/style';
import { KG_PER_LB, mass } from '../kit/style/units';
import { money } from '../kit/style/money';
import { Wrong } from '../kit/Wrong';

type Parcel = Schemas['Parcel'];

const NO_NUMBER = 'Give a number.';

/** One order: picked, packed in the fewest parcels, and gone. */
export function PackPage() {
  const { orderId = '' } = useParams();
  const id = Number(orderId);
  useTitle('Pack');
  const navigate = useNavigate();
  const picks = usePicks();
  const carriers = useCarriers();
  const { send } = useDispatchActs();
  const [wanted, setCarrier] = useState('van');
  const [box, setBox] = useState(() => bareEntry(isUs() ? KG_PER_LB : 0.4, 'mass'));
  const [alone, setAlone] = useState(() => bareEntry(isUs() ? 22 * KG_PER_LB : 10, 'mass'));
  const pick = picks.data?.find((p) => p.orderId === id);
  const boxKg = valueIn(box, 'mass');
  const aloneFromKg = valueIn(alone, 'mass');
  const whole = boxKg !== undefined && aloneFromKg !== undefined;
  // Each shop has its own: what is not offered here gives way to the first that is.
  const offered = carriers.data ?? [];
  const carrier = offered.some((c) => c.code === wanted) ? wanted : offered[0]?.code;
  const request: PackRequest = {
    ...(carrier !== undefined && { carrier }),
    ...(whole && { boxKg, aloneFromKg }),
  };
  const packing = usePacking(id, request, pick !== undefined && whole && carrier !== undefined);
  const rate = packing.data?.rates?.find((r) => r.code === carrier);
  const heavy = packing.data?.parcels.parcels.some((p) => p.heavy) ?? false;
  const error = send.error ?? packing.error;
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1060px">
      <Text as="h1" textStyle="title">
        {pick ? `Pack for ${pick.customer}` : 'Pack'}
      </Text>
      {picks.isLoading && <Loading what="what is ready" />}
      {picks.data && !pick && (
        <Empty title="Nothing of this order is ready to go">
          <Link className="plain-link" to={`/orders/${id}`}>
            Look at the order
          </Link>
        </Empty>
      )}
      {pick && (
        <>
          <Text color="quiet" mb={3} whiteSpace="pre-line">
            order {pick.order}
            {pick.address ? ` · ${pick.address.replace(/\n/g, ', ')}` : ' · no address kept'}
          </Text>
          <Text textStyle="name">Pick</Text>
          <PickList pick={pick} />
          <Grid
            templateColumns={{ base: '1fr', md: '1.4fr 1fr 1fr' }}
            columnGap={4}
            mt={5}
            maxW="760px"
          >
            <Choice
              label="carrier"
              value={carrier ?? wanted}
              options={offered.map((c) => [c.code, `${c.name}, to ${mass(c.mostKg)}`] as const)}
              onValue={setCarrier}
            />
            <MeasureField
              label="box weight"
              measure="mass"
              text={box}
              onText={setBox}
              problem={boxKg === undefined ? NO_NUMBER : undefined}
            />
            <MeasureField
              label="pack alone above"
              measure="mass"
              text={alone}
              onText={setAlone}
              problem={aloneFromKg === undefined ? NO_NUMBER : undefined}
            />
          </Grid>
          {packing.data && (
            <Box
              aria-busy={packing.isFetching}
              fontStyle={packing.isFetching ? 'italic' : 'normal'}
            >
              <Text textStyle="name" mt={2}>
                {plural(packing.data.parcels.parcels.length, 'parcel')}
                {packing.data.parcels.fewest ? ', no fewer would do' : ''}
              </Text>
              <Parcels parcels={packing.data.parcels.parcels} />
              {heavy && (
                <Caution
                  line={`Over ${mass(23)}: two people or a trolley.`}
                  more={`One person lifts about ${mass(23)} under ideal conditions (NIOSH lifting equation). Spheres roll.`}
                />
              )}
            </Box>
          )}
          <Wrong error={error} mt={3} />
          <Flex mt={5} gap={5} alignItems="center" wrap="wrap">
            <Key
              main
              busy={send.isPending}
              disabled={!packing.data || !whole}
              onClick={() =>
                send.mutate(
                  { orderId: id, body: request },
                  { onSuccess: () => void navigate(`/orders/${id}`) },
                )
              }
            >
              Mark as sent
            </Key>
            {rate && (
              <Text color="quiet">
                {money(rate.total)} by {rate.name}
              </Text>
            )}
          </Flex>
        </>
      )}
    </Box>
  );
}

function Parcels({ parcels }: { parcels: Parcel[] }) {
  return (
    <Flex gap={3} wrap="wrap" my={3}>
      {parcels.map((parcel, i) => (
        <Box
          key={i}
          border="2px solid"
          borderColor={parcel.heavy ? 'ochre' : 'steel'}
          bg="panel"
          px={4}
          py={2}
          minW="150px"
        >
          <Text textStyle="figure" fontSize="26px">
            {mass(parcel.massKg)}
          </Text>
          <Text textStyle="small" color="quiet">
            {plural(parcel.pieces.length, 'piece')}: {parcel.pieces.join(', ')}
          </Text>
        </Box>
      ))}
    </Flex>
  );
}
