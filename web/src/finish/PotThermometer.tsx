import { Flex, Text } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { Key } from '../kit/States';
import { useWorkshop } from '../server/useWorkshop';
import { temperature, wholeDegrees } from '../kit/style/units';
import { keyOf } from '../server/keys';

type WaxStep = Schemas['WaxStep'];

const WORDS: Record<string, string> = {
  melt: 'melt it through',
  fragrance: 'stir the fragrance in',
  pour: 'pour',
};

/** Which step the pot is warm enough for, and not too warm. */
export function stepAt(steps: readonly WaxStep[], celsius: number): WaxStep | undefined {
  return steps.find((s) => celsius >= Math.min(s.fromC, s.toC) - 1 && celsius <= s.toC + 1);
}

/** The pot's temperature, and what may be done at it. */
export function PotThermometer({ steps }: { steps: readonly WaxStep[] }) {
  const queries = useQueryClient();
  const { data: workshop } = useWorkshop();
  const { data } = useQuery({
    queryKey: keyOf('thermometer'),
    queryFn: () => dataOf(client.GET('/api/stand-ins/thermometer')),
    refetchInterval: 2_000,
  });
  const heat = useMutation({
    meta: { asksOnly: true },
    mutationFn: (on: boolean) =>
      dataOf(client.POST('/api/stand-ins/thermometer', { body: { heat: on } })),
    onSuccess: (reading) => queries.setQueryData(keyOf('thermometer'), reading),
  });
  const now = data && stepAt(steps, data.celsius);
  return (
    <Flex gap={5} alignItems="center" wrap="wrap">
      <Text textStyle="figure">{data ? wholeDegrees(data.celsius) : '–'}</Text>
      <Flex direction="column">
        {steps.map((s) => (
          <Text
            key={s.step}
            fontWeight={s === now ? 700 : 400}
            color={s === now ? 'moss' : 'quiet'}
          >
            {s.fromC === s.toC
              ? temperature(s.fromC)
              : `${temperature(s.fromC)} to ${temperature(s.toC)}`}
            : {WORDS[s.step] ?? s.step}
            {s === now ? ', now' : ''}
          </Text>
        ))}
      </Flex>
      {workshop?.demo && (
        <>
          <Key onClick={() => heat.mutate(true)}>Demo: heat</Key>
          <Key onClick={() => heat.mutate(false)}>Demo: off</Key>
        </>
      )}
    </Flex>
  );
}
