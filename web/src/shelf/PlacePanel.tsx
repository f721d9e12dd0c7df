import { Box, Flex, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf, messageOf } from '../api/client';
import { useTemperatures } from '../cure/useTemperatures';
import { left, moment } from '../kit/format';
import { Caution, Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { isDue } from './time';
import { type Group, useBring } from './useShelf';

/** Tomorrow at seven, as a date field has it. */
function morning(now: number): string {
  const at = new Date(now);
  at.setDate(at.getDate() + (at.getHours() < 7 ? 0 : 1));
  const two = (n: number) => String(n).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}T07:00`;
}

/** Where castings stand in their moulds; what warmth would do for them. */
export function PlacePanel({ group, now }: { group: Group; now: number }) {
  const { data: places } = useTemperatures();
  const [outBy, setOutBy] = useState(() => morning(now));
  const bring = useBring();
  const castId = group.casts[0]?.id ?? 0;
  const at = new Date(outBy);
  const asked = !Number.isNaN(at.getTime()) && at.getTime() > now;
  const { data: tent } = useQuery({
    queryKey: ['shelf', 'tent', castId, outBy],
    queryFn: () =>
      dataOf(client.POST('/api/shelf/tent', { body: { castId, outAt: at.toISOString() } })),
    enabled: asked,
  });
  if (isDue(group, now) || group.next) {
    return null;
  }
  const elsewhere = (places ?? []).filter((p) => p.place !== group.place && p.place !== 'bath');
  return (
    <Box as="section" aria-label="Warmth" mt={7} borderTop="1px solid" borderColor="rule" pt={3}>
      <Text as="h2" textStyle="name" mb={2}>
        Warmth
      </Text>
      <Text mb={2}>
        It stands in the {group.place}
        {group.gateAt && `: out ${moment(Date.parse(group.gateAt), now)}`}.
      </Text>
      <Flex gap={3} wrap="wrap" mb={3}>
        {elsewhere.map((p) => (
          <Key
            key={p.place}
            busy={bring.isPending}
            onClick={() =>
              bring.mutate({
                key: crypto.randomUUID(),
                body: { castIds: group.casts.map((c) => c.id), place: p.place },
              })
            }
          >
            {`To the ${p.name.toLowerCase()}, ${p.celsius.toFixed(0)} °C`}
          </Key>
        ))}
      </Flex>
      {bring.error && (
        <Text role="alert" color="oxide">
          {messageOf(bring.error)}
        </Text>
      )}
      <Flex gap={4} wrap="wrap" alignItems="flex-end">
        <Box w="240px">
          <TextField label="needed out by" type="datetime-local" text={outBy} onText={setOutBy} />
        </Box>
        <Text flex={1} minW="220px" pb={6} fontWeight={600}>
          {asked && tent
            ? tent.reached
              ? tent.tentC > 5
                ? `Keep it at ${Math.ceil(tent.tentC)} °C and it is out by then.`
                : 'It is out by then in any case.'
              : `Not by then: at the most that concrete may have it takes ${left(tent.readyInH * 3_600_000)}.`
            : ''}
        </Text>
      </Flex>
      <Caution
        line="Heated tents: guarded heater, ventilation, carbon-monoxide alarm."
        more="Keep the concrete itself under 70 °C (EN 13670); a piece in its mould may be warmer than its tent, since setting heats it."
      />
    </Box>
  );
}
