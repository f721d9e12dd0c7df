import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { type Schemas } from '../api/client';
import { Choice } from '../kit/Choice';
import { FormEnd } from '../kit/FormEnd';
import { Failed, Loading } from '../kit/States';
import { LinkKey } from '../kit/Tabs';
import { TextField } from '../kit/TextField';
import { useSubmit } from '../kit/useSubmit';
import { useTitle } from '../kit/useTitle';
import { bodyOf, draftOf, HoursFields } from './HoursFields';
import { OtherShop } from './OtherShop';
import { StationsForm } from './StationsForm';
import { useChangeWorkshop, useWorkshop } from './useWorkshop';
import { numberIn } from '../kit/format';

type Workshop = Schemas['WorkshopView'];
type Measure = 'roomC' | 'mixerL' | 'scoopL' | 'wastePercent' | 'ratePerHour' | 'scaleG';

const MEASURES: readonly (readonly [Measure, string])[] = [
  ['mixerL', 'the mixer takes, L'],
  ['scoopL', 'one level scoop holds, L'],
  ['scaleG', 'the scale shows steps of, g'],
  ['wastePercent', 'extra for what stays in the bowl, %'],
  ['roomC', 'usual room temperature, °C'],
  ['ratePerHour', 'an hour of work costs'],
];

/** The shop's own measures, which all sums start from. */
export function WorkshopPage() {
  useTitle('Workshop');
  const { data, error, refetch } = useWorkshop();
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="900px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the workshop" />}
      {data && <Form key={data.version} workshop={data} />}
      {data && <StationsForm />}
      {data && (
        <Flex gap={6} mt={8} alignItems="center" wrap="wrap">
          <LinkKey to="/set-up/name">Go through the questions again</LinkKey>
          <OtherShop />
        </Flex>
      )}
    </Box>
  );
}

function Form({ workshop }: { workshop: Workshop }) {
  const [name, setName] = useState(workshop.name);
  const [cup, setCup] = useState(workshop.cup);
  const [texts, setTexts] = useState<Record<string, string>>(() =>
    Object.fromEntries(MEASURES.map(([field]) => [field, String(workshop[field])] as const)),
  );
  const [hours, setHours] = useState(() => draftOf(workshop));
  const { submit, busy, error, problemOf } = useSubmit();
  const change = useChangeWorkshop();
  const number = (field: Measure) => numberIn(texts[field] ?? '');
  const send = () =>
    change.mutateAsync({
      version: workshop.version,
      body: {
        name,
        cup,
        mixerL: number('mixerL'),
        scoopL: number('scoopL'),
        wastePercent: number('wastePercent'),
        roomC: number('roomC'),
        ratePerHour: number('ratePerHour'),
        scaleG: number('scaleG'),
        ...bodyOf(hours),
      },
    });
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void submit(send);
      }}
    >
      <Text as="h1" textStyle="title" mb={4}>
        {workshop.name}
      </Text>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} columnGap={4}>
        <TextField label="name" text={name} onText={setName} problem={problemOf('name')} />
        <Choice
          label="size of your cup"
          value={cup}
          options={[
            ['us', 'the US cup, 236.6 ml'] as const,
            ['metric', 'the metric cup, 250 ml'] as const,
          ]}
          onValue={setCup}
        />
        {MEASURES.map(([field, label]) => (
          <TextField
            key={field}
            label={label}
            text={texts[field] ?? ''}
            onText={(text) => setTexts({ ...texts, [field]: text })}
            problem={problemOf(field)}
          />
        ))}
      </Grid>
      <HoursFields hours={hours} onHours={setHours} problemOf={problemOf} />
      {change.isSuccess && <Text role="status">Kept.</Text>}
      <FormEnd error={error} busy={busy}>
        Keep these measures
      </FormEnd>
    </form>
  );
}
