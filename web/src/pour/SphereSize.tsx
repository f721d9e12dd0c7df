import { Grid } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf } from '../api/client';
import { benchMass } from '../kit/style/bench';
import { useReading } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { Answer, Section } from './weightParts';
import { density, KG_PER_LB, length } from '../kit/style/units';
import { isUs } from '../kit/style/style';
import { entry } from '../kit/style/entry';
import { keyOf } from '../server/keys';

/** How large a sphere of a mass is, and how heavy one of a size. */
export function SphereSize() {
  const [mass, setMass] = useState(() => entry(isUs() ? 130 * KG_PER_LB : 60, 'mass'));
  const [across, setAcross] = useState('');
  const massKg = useReading(mass, 'mass').data?.value;
  const diameterMm = useReading(across, 'length').data?.value;
  const DENSITY = 2400;
  const size = useQuery({
    queryKey: keyOf('sphere', massKg),
    queryFn: () =>
      dataOf(
        client.POST('/api/calc/sphere', {
          body: { massKg: massKg ?? 0, densityKgM3: DENSITY },
        }),
      ),
    enabled: massKg !== undefined,
    retry: false,
  });
  const back = useQuery({
    queryKey: keyOf('sphere-mass', diameterMm),
    queryFn: () =>
      dataOf(
        client.POST('/api/calc/mould', {
          body: {
            cavity: { kind: 'sphere', diameterMm: diameterMm ?? 0, flatDiameterMm: 0 },
            freshDensityKgM3: DENSITY,
          },
        }),
      ),
    enabled: diameterMm !== undefined,
    retry: false,
  });
  return (
    <Section name="How large a sphere">
      <Grid templateColumns={{ base: '1fr', md: '220px 1fr' }} columnGap={4} alignItems="center">
        <QuantityField label="mass" text={mass} onText={setMass} dimension="mass" />
        <Answer
          {...(size.data && { figure: length(size.data.diameterMm) })}
          error={size.error}
          words={`across, at ${density(DENSITY)}`}
        />
        <QuantityField label="across" text={across} onText={setAcross} dimension="length" />
        <Answer
          {...(back.data && { figure: benchMass(back.data.freshMassKg) })}
          error={back.error}
          words={`whole, at ${density(DENSITY)}`}
        />
      </Grid>
    </Section>
  );
}
