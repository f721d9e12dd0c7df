import { Box, Flex, Text } from '@chakra-ui/react';
import { lazy, Suspense, useState } from 'react';
import { messageOf } from '../api/client';
import { TakeIn } from '../exchange/TakeIn';
import { moment } from '../kit/style/time';
import { Caution, Failed, Key, Loading } from '../kit/States';
import { MeasureField } from '../kit/MeasureField';
import { valueIn } from '../kit/style/read';
import { temperature } from '../kit/style/units';
import { useTitle } from '../kit/useTitle';
import { useNow, useWorkshop } from '../server/useWorkshop';
import { type Place, useKeepReading, useProbes, useTemperatures } from '../server/useTemperatures';

const PlaceChart = lazy(() => import('./PlaceChart'));

/** What the shop's places have had, which is what the gates follow. */
export function TemperaturesPage() {
  useTitle('Temperatures');
  const now = useNow();
  const { data, error, refetch } = useTemperatures();
  const { data: workshop } = useWorkshop();
  const [place, setPlace] = useState('room');
  const chosen = data?.find((p) => p.place === place);
  return (
    <Box px={{ base: 4, md: 9 }} pt={6} maxW="1100px">
      <Text as="h1" textStyle="title">
        Temperatures
      </Text>
      <Text color="quiet" mb={4}>
        Gates move with these. Where a probe is silent the usual day stands in: the mean of each
        hour of the last seven days.
      </Text>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the temperatures" />}
      <Flex gap={6} wrap="wrap" mb={5} role="group" aria-label="Places">
        {data?.map((p) => (
          <PlaceTag
            key={p.place}
            place={p}
            now={now}
            chosen={p.place === place}
            onChoose={() => setPlace(p.place)}
          />
        ))}
      </Flex>
      {chosen && (
        <>
          <Suspense fallback={<Loading what="the chart" />}>
            <PlaceChart place={chosen} now={now} />
          </Suspense>
          {chosen.place === 'tent' && (
            <Caution
              line="Guarded heater, ventilation, carbon-monoxide alarm."
              more={`Keep the concrete itself under ${temperature(70)} (EN 13670).`}
            />
          )}
          <ReadingForm key={chosen.place} place={chosen} />
          {workshop?.demo && <DemoProbes place={chosen} />}
          <Box mt={7}>
            <TakeIn
              name={`temperatures/${chosen.place}`}
              title={`A logger’s table, ${chosen.name}`}
            />
          </Box>
        </>
      )}
    </Box>
  );
}

interface TagProps {
  place: Place;
  now: number;
  chosen: boolean;
  onChoose: () => void;
}

function PlaceTag({ place, now, chosen, onChoose }: TagProps) {
  return (
    <Box borderLeft="5px solid" borderColor={chosen ? 'ink' : 'rule'} pl={3} minW="200px">
      <button type="button" onClick={onChoose} aria-pressed={chosen} style={{ textAlign: 'left' }}>
        <Text textStyle="label">{place.name}</Text>
        <Text textStyle="figure" color={place.silent ? 'ochre' : 'ink'}>
          {temperature(place.celsius)}
        </Text>
        <Text textStyle="small" color={place.silent ? 'ochre' : 'quiet'}>
          {place.silent
            ? place.readAt
              ? `silent since ${moment(Date.parse(place.readAt), now)}: the usual day`
              : 'no probe yet: the usual day'
            : `read ${moment(Date.parse(place.readAt ?? ''), now)}`}
        </Text>
      </button>
    </Box>
  );
}

/** For shops without a probe, and for a look with a thermometer. */
function ReadingForm({ place }: { place: Place }) {
  const [celsius, setCelsius] = useState('');
  const keep = useKeepReading();
  const now = useNow();
  const value = valueIn(celsius, 'temperature');
  const good = value !== undefined && value >= -60 && value <= 200;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate(
          { place: place.place, at: new Date(now).toISOString(), celsius: value ?? NaN },
          { onSuccess: () => setCelsius('') },
        );
      }}
    >
      <Flex gap={3} alignItems="flex-start" mt={3} wrap="wrap">
        <Box w="200px">
          <MeasureField
            label={`read now in the ${place.name.toLowerCase()}`}
            measure="temperature"
            text={celsius}
            onText={setCelsius}
            problem={keep.error ? messageOf(keep.error) : undefined}
          />
        </Box>
        <Box pt="21px">
          <Key type="submit" disabled={!good} busy={keep.isPending}>
            Keep it
          </Key>
        </Box>
      </Flex>
    </form>
  );
}

/** What can be done to the demo’s stand-ins. */
function DemoProbes({ place }: { place: Place }) {
  const probes = useProbes();
  return (
    <Flex gap={3} wrap="wrap" mt={2} role="group" aria-label="The demo’s probes">
      <Key onClick={() => probes.mutate({ coldHours: 12 })}>Demo: a cold night</Key>
      <Key onClick={() => probes.mutate({ place: place.place, fails: true })}>
        Demo: unplug its probe
      </Key>
      <Key onClick={() => probes.mutate({ place: place.place, fails: false })}>
        Demo: plug it in
      </Key>
    </Flex>
  );
}
