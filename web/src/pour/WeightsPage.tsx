import { Box, Grid, Text } from '@chakra-ui/react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf } from '../api/client';
import { useReading } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { useTitle } from '../kit/useTitle';
import { Fits } from './Fits';
import { SphereSize } from './SphereSize';
import { Answer, Section } from './weightParts';

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
  const [target, setTarget] = useState('20 kg');
  const [mould, setMould] = useState('');
  const [hardware, setHardware] = useState('');
  const targetKg = useReading(target, 'mass').data?.value;
  const mouldKg = useReading(mould, 'mass').data?.value ?? 0;
  const hardwareKg = useReading(hardware, 'mass').data?.value ?? 0;
  const { data, error } = useQuery({
    queryKey: ['target-reading', targetKg, mouldKg, hardwareKg],
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
        {...(data && { figure: `${data.stopAtKg.toFixed(2)} kg` })}
        error={error}
        words={
          data
            ? `on the scale, mould and hardware with it: ${data.freshKg.toFixed(2)} kg of wet mix, which dries to 0.967 of that (common practice until your own pours teach it)`
            : 'give the mass wanted'
        }
      />
      {data && <Fits freshKg={data.freshKg} />}
    </Section>
  );
}

function HandWeight() {
  const [target, setTarget] = useState('50 lb');
  const [hardware, setHardware] = useState('2 lb');
  const [grip, setGrip] = useState('140 mm');
  const [head, setHead] = useState('90 mm');
  const [boss, setBoss] = useState('20 mm');
  const [targetKg, hardwareKg] = [
    useReading(target, 'mass').data?.value,
    useReading(hardware, 'mass').data?.value ?? 0,
  ];
  const gripMm = useReading(grip, 'length').data?.value;
  const headThicknessMm = useReading(head, 'length').data?.value;
  const bossMm = useReading(boss, 'length').data?.value ?? 0;
  const { data, error } = useQuery({
    queryKey: ['hand-weight', targetKg, hardwareKg, gripMm, headThicknessMm, bossMm],
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
        {...(data && { figure: `${data.headKg.toFixed(2)} kg` })}
        error={error}
        words={
          data
            ? `a head, dry; cut the handle ${data.handleMm.toFixed(0)} mm. Two pours: keep it as a product of two layers of 100 % each, the second after the first head’s days`
            : 'give mass, grip and head'
        }
      />
    </Section>
  );
}
