import { Box, Grid, Text } from '@chakra-ui/react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf } from '../api/client';
import { useReading } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { useTitle } from '../kit/useTitle';
import { Fits } from './Fits';
import { SphereSize } from './SphereSize';
import { MakeHandWeight } from './MakeHandWeight';
import { Answer, Section } from './weightParts';
import { KG_PER_LB, length } from '../kit/style/units';
import { isUs } from '../kit/style/style';
import { entry, suggestion } from '../kit/style/entry';
import { stopMass } from '../kit/style/bench';
import { keyOf } from '../server/keys';

/** What the scale must show, whether it fits, how large a sphere is, how long a handle. */
export function WeightsPage() {
  useTitle('Target weights');
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      <Text as="h1" textStyle="title">
        Target weights
      </Text>
      <Stop />
      <SphereSize />
      <HandWeight />
    </Box>
  );
}

function Stop() {
  const [target, setTarget] = useState(() => entry(isUs() ? 45 * KG_PER_LB : 20, 'mass'));
  const [mould, setMould] = useState('');
  const [hardware, setHardware] = useState('');
  const targetKg = useReading(target, 'mass').data?.value;
  const mouldKg = useReading(mould, 'mass').data?.value ?? 0;
  const hardwareKg = useReading(hardware, 'mass').data?.value ?? 0;
  const { data, error } = useQuery({
    queryKey: keyOf('target-reading', targetKg, mouldKg, hardwareKg),
    queryFn: () =>
      dataOf(
        client.POST('/api/calc/target-reading', {
          body: { targetKg: targetKg ?? 0, mouldKg, hardwareKg },
        }),
      ),
    enabled: targetKg !== undefined,
    // What was chosen below stays while another mass is worked out.
    placeholderData: keepPreviousData,
    retry: false,
  });
  return (
    <Section name="Where the scale stops">
      <Grid templateColumns={{ base: '1fr', md: 'repeat(3, minmax(0, 220px))' }} columnGap={4}>
        <QuantityField label="dry mass wanted" text={target} onText={setTarget} dimension="mass" />
        <QuantityField label="the mould, empty" text={mould} onText={setMould} dimension="mass" />
        <QuantityField
          label="hardware in it"
          text={hardware}
          onText={setHardware}
          dimension="mass"
        />
      </Grid>
      <Answer
        {...(data && { figure: stopMass(data.stopAtKg) })}
        error={error}
        words={
          data
            ? `on the scale, mould and hardware with it: ${stopMass(data.freshKg)} of wet mix, which dries to ${data.retention} of that (common practice until your own pours teach it)`
            : 'give the mass wanted'
        }
      />
      {data && <Fits freshKg={data.freshKg} />}
    </Section>
  );
}

function HandWeight() {
  const [target, setTarget] = useState(() => entry(isUs() ? 50 * KG_PER_LB : 22, 'mass'));
  const [hardware, setHardware] = useState(() => suggestion(0.9, 'mass'));
  const [grip, setGrip] = useState(() => suggestion(140, 'length'));
  const [head, setHead] = useState(() => suggestion(90, 'length'));
  const [boss, setBoss] = useState(() => suggestion(20, 'length'));
  const [targetKg, hardwareKg] = [
    useReading(target, 'mass').data?.value,
    useReading(hardware, 'mass').data?.value ?? 0,
  ];
  const gripMm = useReading(grip, 'length').data?.value;
  const headThicknessMm = useReading(head, 'length').data?.value;
  const bossMm = useReading(boss, 'length').data?.value ?? 0;
  const { data, error } = useQuery({
    queryKey: keyOf('hand-weight', targetKg, hardwareKg, gripMm, headThicknessMm, bossMm),
    queryFn: () =>
      dataOf(
        client.POST('/api/calc/hand-weight', {
          body: {
            targetKg: targetKg ?? 0,
            hardwareKg,
            gripMm: gripMm ?? 0,
            headThicknessMm: headThicknessMm ?? 0,
            bossMm,
          },
        }),
      ),
    enabled: targetKg !== undefined && gripMm !== undefined && headThicknessMm !== undefined,
    retry: false,
  });
  return (
    <Section name="A hand weight of two heads">
      <Grid templateColumns={{ base: '1fr 1fr', md: 'repeat(5, minmax(0, 190px))' }} columnGap={4}>
        <QuantityField label="dry mass wanted" text={target} onText={setTarget} dimension="mass" />
        <QuantityField
          label="handle and bars"
          text={hardware}
          onText={setHardware}
          dimension="mass"
        />
        <QuantityField label="grip" text={grip} onText={setGrip} dimension="length" />
        <QuantityField label="head’s thickness" text={head} onText={setHead} dimension="length" />
        <QuantityField
          label="standing out (boss)"
          text={boss}
          onText={setBoss}
          dimension="length"
        />
      </Grid>
      <Answer
        {...(data && { figure: stopMass(data.headKg) })}
        error={error}
        words={
          data
            ? `a head, dry; cut the handle ${length(data.handleMm)}. Two pours, the second when the first head has stood for two days`
            : 'give mass, grip and head'
        }
      />
      {data && targetKg !== undefined && headThicknessMm !== undefined && (
        <MakeHandWeight
          targetKg={targetKg}
          hardwareKg={hardwareKg}
          acrossMm={data.headAcrossMm}
          thickMm={headThicknessMm}
        />
      )}
    </Section>
  );
}
