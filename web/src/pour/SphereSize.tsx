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
  const size = useSphere('massKg', useReading(mass, 'mass').data?.value);
  const back = useSphere('diameterMm', useReading(across, 'length').data?.value);
  return (
    <Section name="How large a sphere">
      <Grid templateColumns={{ base: '1fr', md: '220px 1fr' }} columnGap={4} alignItems="center">
        <QuantityField label="mass" text={mass} onText={setMass} dimension="mass" />
        <Answer
          {...(size.data && { figure: length(size.data.diameterMm) })}
          error={size.error}
          words={size.data ? `across, at ${density(size.data.densityKgM3)}` : 'give its mass'}
        />
        <QuantityField label="across" text={across} onText={setAcross} dimension="length" />
        <Answer
          {...(back.data && { figure: benchMass(back.data.massKg) })}
          error={back.error}
          words={back.data ? `whole, at ${density(back.data.densityKgM3)}` : 'or how wide it is'}
        />
      </Grid>
    </Section>
  );
}

/** Both figures of the sphere of which one is known. */
function useSphere(known: 'massKg' | 'diameterMm', value: number | undefined) {
  return useQuery({
    queryKey: keyOf('sphere', known, value),
    queryFn: () => dataOf(client.POST('/api/calc/sphere', { body: { [known]: value } })),
    enabled: value !== undefined,
    retry: false,
  });
}
