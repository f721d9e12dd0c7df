import { Box, Flex, Text } from '@chakra-ui/react';
import { chakra } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { client, dataOf } from '../api/client';
import { clock } from '../kit/style/time';
import { OtherShop } from './OtherShop';
import { useNow, useWorkshop } from '../server/useWorkshop';
import { keyOf } from '../server/keys';

const Press = chakra('button');
const STEPS: [string, number][] = [
  ['15 min', 15],
  ['1 h', 60],
  ['1 day', 1440],
];

/** The demo's clock, to be set ahead; a real shop does not have it. */
export function DemoClock() {
  const { data } = useWorkshop();
  const now = useNow();
  const queries = useQueryClient();
  const forward = useMutation({
    mutationFn: (minutes: number) =>
      dataOf(client.POST('/api/stand-ins/clock', { body: { minutes } })),
    onSuccess: (workshop) => queries.setQueryData(keyOf('workshop'), workshop),
  });
  if (!data?.demo) {
    return null;
  }
  return (
    <Flex
      as="aside"
      aria-label="The demo’s clock"
      position="fixed"
      right={0}
      bottom={0}
      bg="panel"
      borderTop="1px solid"
      borderLeft="1px solid"
      borderColor="rule"
      alignItems="center"
      px={3}
      gap={1}
      zIndex={5}
    >
      <Text textStyle="small" color="quiet" mr={2}>
        Demo, {clock(now)}. Forward
      </Text>
      {STEPS.map(([name, minutes]) => (
        <Press
          key={name}
          type="button"
          onClick={() => forward.mutate(minutes)}
          disabled={forward.isPending}
          textStyle="label"
          fontSize="16px"
          minH="40px"
          px={3}
          cursor="pointer"
          _hover={{ bg: 'ground' }}
        >
          {name}
        </Press>
      ))}
      <Box textStyle="small" borderLeft="1px solid" borderColor="rule" pl={3} ml={1}>
        <OtherShop />
      </Box>
    </Flex>
  );
}
