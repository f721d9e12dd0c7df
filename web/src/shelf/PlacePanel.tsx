import { Box, Flex, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf } from '../api/client';
import { useTemperatures } from '../server/useTemperatures';
import { left } from '../kit/format';
import { MomentField } from '../kit/MomentField';
import { dateAt, hourAt, moment, momentIn } from '../kit/style/time';
import { temperature, wholeDegrees } from '../kit/style/units';
import { Caution, Key } from '../kit/States';
import { isDue } from './time';
import { type Group, useBring } from '../server/useShelf';
import { keyOf } from '../server/keys';
import { Wrong } from '../kit/Wrong';

/** Tomorrow at seven, as a date field has it. */
function morning(now: number): string {
  return `${dateAt(hourAt(now) < 7 ? now : now + 24 * 3_600_000)}T07:00`;
}

/** Where castings stand in their moulds; what warmth would do for them. */
export function PlacePanel({ group, now }: { group: Group; now: number }) {
  const { data: places } = useTemperatures();
  const [outBy, setOutBy] = useState(() => morning(now));
  const bring = useBring();
  const castId = group.casts[0]?.id ?? 0;
  const at = momentIn(outBy) ?? NaN;
  const asked = at > now;
  const { data: tent } = useQuery({
    queryKey: keyOf('shelf', 'tent', castId, outBy),
    queryFn: () =>
      dataOf(
        client.POST('/api/shelf/tent', { body: { castId, outAt: new Date(at).toISOString() } }),
      ),
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
            onClick={() => bring.mutate({ castIds: group.casts.map((c) => c.id), place: p.place })}
          >
            {`To the ${p.name.toLowerCase()}, ${wholeDegrees(p.celsius)}`}
          </Key>
        ))}
      </Flex>
      <Wrong error={bring.error} />
      <Flex gap={4} wrap="wrap" alignItems="flex-end">
        <Box w="320px">
          <MomentField label="needed out" text={outBy} onText={setOutBy} />
        </Box>
        <Text flex={1} minW="220px" pb={6} fontWeight={600}>
          {asked && tent
            ? tent.reached
              ? tent.tentC > 5
                ? `Keep it at ${temperature(Math.ceil(tent.tentC))} and it is out by then.`
                : 'It is out by then in any case.'
              : `Not by then: at the most that concrete may have it takes ${left(tent.readyInH * 3_600_000)}.`
            : ''}
        </Text>
      </Flex>
      <Caution
        line="Heated tents: guarded heater, ventilation, carbon-monoxide alarm."
        more={`Keep the concrete itself under ${temperature(70)} (EN 13670); a piece in its mould may be warmer than its tent, since setting heats it.`}
      />
    </Box>
  );
}
