import { Box, Flex, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf, type Schemas } from '../api/client';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useStations } from '../server/useRoute';
import { numberIn } from '../kit/format';
import { valueIn } from '../kit/style/read';
import { bareEntry } from '../kit/style/entry';
import { MeasureField } from '../kit/MeasureField';
import { Wrong } from '../kit/Wrong';

type Station = Schemas['StationView'];

/** What each station holds, so that nothing is put where there is no room. */
export function StationsForm() {
  const { data } = useStations();
  return (
    <Box as="section" aria-label="Stations" mt={6}>
      <Text as="h2" textStyle="name" mb={2}>
        Stations
      </Text>
      {data?.map((station) => (
        <Row key={`${station.id} ${station.version}`} station={station} />
      ))}
    </Box>
  );
}

function Row({ station }: { station: Station }) {
  const [name, setName] = useState(station.name);
  const [pieces, setPieces] = useState(String(station.pieces ?? ''));
  const [litres, setLitres] = useState(bareEntry(station.litres, 'volume'));
  const change = useMutation({
    mutationFn: () =>
      dataOf(
        client.PUT('/api/stations/{id}', {
          params: { path: { id: station.id }, header: { 'If-Match': `"${station.version}"` } },
          body: {
            name,
            ...(pieces !== '' && { pieces: numberIn(pieces) }),
            ...(litres !== '' && { litres: valueIn(litres, 'volume') ?? Number.NaN }),
          },
        }),
      ),
  });
  return (
    <Flex gap={3} wrap="wrap" alignItems="flex-start">
      <Box w="220px">
        <TextField label={`name of ${station.code}`} text={name} onText={setName} />
      </Box>
      <Box w="130px">
        <TextField label="pieces" text={pieces} onText={setPieces} />
      </Box>
      <Box w="130px">
        <MeasureField label="holds" measure="volume" text={litres} onText={setLitres} />
      </Box>
      <Box pt="21px">
        <Key busy={change.isPending} onClick={() => change.mutate()}>
          Keep
        </Key>
      </Box>
      <Wrong error={change.error} pt="34px" />
    </Flex>
  );
}
