import { Box, Flex, Text } from '@chakra-ui/react';
import { Key } from '../kit/States';
import { moment } from '../kit/style/time';
import { useDevices, useEnd } from './usePeople';

const KIND = { tablet: 'tablet', screen: 'screen at the door' };

/** What is paired; one that is lost is ended here. */
export function DeviceList({ now }: { now: number }) {
  const { data } = useDevices();
  const end = useEnd();
  if (!data || data.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="Paired devices" mt={8}>
      <Text textStyle="name" mb={2}>
        Paired
      </Text>
      {data.map((device) => (
        <Flex
          key={device.id}
          gap={4}
          py={2}
          alignItems="center"
          borderTop="1px solid"
          borderColor="rule"
        >
          <Box flex={1}>
            <Text fontWeight={600}>{device.name}</Text>
            <Text color="quiet">
              {KIND[device.kind]}, since {moment(Date.parse(device.pairedAt), now)}
            </Text>
          </Box>
          <Key onClick={() => end.mutate({ what: 'device', id: device.id })}>End</Key>
        </Flex>
      ))}
    </Box>
  );
}
