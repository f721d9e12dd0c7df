import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Failed, Loading } from '../kit/States';
import { LinkKey } from '../kit/Tabs';
import { useTitle } from '../kit/useTitle';
import { useNow } from '../server/useWorkshop';
import { DeviceList, SignedInList } from './DeviceList';
import { LanPanel } from './LanPanel';
import { PairDevice } from './PairDevice';
import { PeopleList } from './PeopleList';
import { useLan, usePeople } from '../server/usePeople';

/** Who works here, on which devices, and who is signed in where. */
export function PeoplePage() {
  useTitle('People and devices');
  const now = useNow();
  const people = usePeople();
  const lan = useLan();
  const error = people.error ?? lan.error;
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1180px">
      <Flex justifyContent="space-between" gap={4} wrap="wrap" mb={3}>
        <Text as="h1" textStyle="title">
          People and devices
        </Text>
        <LinkKey to="/workshop">Workshop</LinkKey>
      </Flex>
      {error && !(people.data && lan.data) && (
        <Failed
          error={error}
          retry={() => {
            void people.refetch();
            void lan.refetch();
          }}
        />
      )}
      {!(people.data && lan.data) && !error && <Loading what="who is here" />}
      {people.data && lan.data && (
        <Grid templateColumns={{ base: '1fr', lg: '1fr 1fr' }} gap={12}>
          <Box>
            <PeopleList people={people.data} />
            <SignedInList now={now} />
          </Box>
          <Box>
            <LanPanel
              lan={lan.data}
              hasOwner={people.data.some((p) => p.role === 'owner' && p.hasPassword)}
            />
            {lan.data.open && <PairDevice lan={lan.data} />}
            <DeviceList now={now} />
          </Box>
        </Grid>
      )}
    </Box>
  );
}
