import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { Choice } from '../kit/Choice';
import { FormEnd } from '../kit/FormEnd';
import { numberIn } from '../kit/format';
import { QuantityField } from '../kit/QuantityField';
import { Failed, Loading } from '../kit/States';
import { bareEntry, entry } from '../kit/style/entry';
import { currencySign } from '../kit/style/money';
import { valueIn } from '../kit/style/read';
import { unitOf, volume } from '../kit/style/units';
import { LinkKey } from '../kit/Tabs';
import { TextField } from '../kit/TextField';
import { useSubmit } from '../kit/useSubmit';
import { useTitle } from '../kit/useTitle';
import { useQuantities } from '../kit/useQuantities';
import { bodyOf, draftOf, HoursFields } from './HoursFields';
import { OtherShop } from './OtherShop';
import { StationsForm } from './StationsForm';
import { styleBody, styleDraftOf } from './styleDraft';
import { ScaleChoice, StyleFields } from './StyleFields';
import { useChangeWorkshop, useWorkshop, type Workshop } from '../server/useWorkshop';
import { WeekStrip } from './WeekStrip';

/** The shop's own measures, which all sums start from. */
export function WorkshopPage() {
  useTitle('Workshop');
  const { data, error, refetch } = useWorkshop();
  // Outside the form: what is kept is a newer version, and the form begins anew with it.
  const change = useChangeWorkshop();
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the workshop" />}
      {data && <Form key={data.version} workshop={data} change={change} />}
      {data && <StationsForm />}
      {data && (
        <Flex gap={6} mt={8} alignItems="center" wrap="wrap">
          <LinkKey to="/set-up/name">Go through the questions again</LinkKey>
          <LinkKey to="/people">People and devices</LinkKey>
          <LinkKey to="/backups">Backups</LinkKey>
          <LinkKey to="/words">What the words mean</LinkKey>
          <OtherShop />
        </Flex>
      )}
    </Box>
  );
}

interface FormProps {
  workshop: Workshop;
  change: ReturnType<typeof useChangeWorkshop>;
}

function Form({ workshop, change }: FormProps) {
  const [name, setName] = useState(workshop.name);
  const [cup, setCup] = useState(workshop.cup);
  const [mixer, setMixer] = useState(() => entry(workshop.mixerL, 'volume'));
  const [scoop, setScoop] = useState(() => entry(workshop.scoopL, 'volume'));
  const [waste, setWaste] = useState(String(workshop.wastePercent));
  const [room, setRoom] = useState(() => bareEntry(workshop.roomC, 'temperature'));
  const [rate, setRate] = useState(String(workshop.ratePerHour));
  const [style, setStyle] = useState(() => styleDraftOf(workshop));
  const [hours, setHours] = useState(() => draftOf(workshop));
  const { submit, busy, error, problemOf } = useSubmit();
  const [mixerL, scoopL] = useQuantities([
    { text: mixer, dimension: 'volume' },
    { text: scoop, dimension: 'volume' },
  ]);
  const send = () =>
    change.mutateAsync({
      version: workshop.version,
      body: {
        name,
        cup,
        mixerL: mixerL ?? Number.NaN,
        scoopL: scoopL ?? Number.NaN,
        wastePercent: numberIn(waste),
        roomC: valueIn(room, 'temperature') ?? Number.NaN,
        ratePerHour: numberIn(rate),
        ...styleBody(style),
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
      <Text as="h1" textStyle="title" mb={2}>
        {workshop.name}
      </Text>
      <Box maxW="420px">
        <TextField label="name" text={name} onText={setName} problem={problemOf('name')} />
      </Box>
      <Part title="Mixing and weighing">
        <Grid templateColumns={{ base: '1fr 1fr', md: 'repeat(3, 1fr)' }} columnGap={4}>
          <QuantityField
            label="the mixer takes"
            text={mixer}
            onText={setMixer}
            dimension="volume"
            problem={problemOf('mixerL')}
          />
          <QuantityField
            label="one level scoop holds"
            text={scoop}
            onText={setScoop}
            dimension="volume"
            problem={problemOf('scoopL')}
          />
          <ScaleChoice draft={style} onDraft={setStyle} />
          <Choice
            label="size of your cup"
            value={cup}
            options={[
              ['us', `the US cup, ${volume(0.2365882)}`] as const,
              ['metric', `the metric cup, ${volume(0.25)}`] as const,
            ]}
            onValue={setCup}
          />
          <TextField
            label="extra for what stays in the bowl, %"
            text={waste}
            onText={setWaste}
            problem={problemOf('wastePercent')}
          />
          <TextField
            label={`usual room temperature, ${unitOf('temperature')}`}
            text={room}
            onText={setRoom}
            problem={problemOf('roomC')}
          />
          <TextField
            label={`an hour of work costs, ${currencySign()}`}
            text={rate}
            onText={setRate}
            problem={problemOf('ratePerHour')}
          />
        </Grid>
      </Part>
      <Part title="Units, money and time">
        <StyleFields draft={style} onDraft={setStyle} problemOf={problemOf} />
      </Part>
      <Part title="Who works when">
        <Grid templateColumns={{ base: '1fr', lg: '1fr 300px' }} columnGap={9} rowGap={4}>
          <HoursFields hours={hours} onHours={setHours} problemOf={problemOf} />
          <WeekStrip hours={hours} />
        </Grid>
      </Part>
      {change.isSuccess && <Text role="status">Kept.</Text>}
      <FormEnd error={error} busy={busy}>
        Keep these measures
      </FormEnd>
    </form>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box as="section" aria-label={title} mb={5}>
      <Text
        as="h2"
        textStyle="label"
        fontSize="20px"
        borderBottom="4px solid"
        borderColor="steel"
        mb={3}
      >
        {title}
      </Text>
      {children}
    </Box>
  );
}
