import { Box, Flex } from '@chakra-ui/react';
import { Suspense } from 'react';
import { Outlet } from 'react-router';
import { later } from '../kit/later';
import { LateBackup } from '../backup/LateBackup';
import { ClockBack } from '../workshop/ClockBack';
import { DemoClock } from '../workshop/DemoClock';
import { useKeys } from './keys';
import { NextThree } from './NextThree';
import { OlderPage } from './OlderPage';
import { Upright } from './Upright';
import { useNight } from '../kit/night';
import { isSending } from '../pour/script/queue';
import { useChanges } from '../server/useChanges';
import { ForOwners } from '../kit/ForOwners';

const KeysDialog = later(() => import('./KeysDialog').then((m) => m.KeysDialog));

/** What stands round every page: the upright and the next three clocks. */
export function Frame() {
  const keys = useKeys();
  const night = useNight();
  useChanges(isSending);
  return (
    <Flex
      className={night.on ? 'dark' : 'light'}
      minH="100vh"
      bg="ground"
      color="ink"
      direction={{ base: 'column', md: 'row' }}
    >
      <a href="#page" className="skip">
        <Box
          position="absolute"
          left="-999px"
          _focusWithin={{ left: 2 }}
          bg="panel"
          p={2}
          as="span"
        >
          To the page
        </Box>
      </a>
      <Upright onKeys={keys.show} night={night} />
      <Box flex={1} minW={0} position="relative">
        <OlderPage />
        <LateBackup />
        <ClockBack />
        <NextThree />
        <Box as="main" id="page" pb={20}>
          <Outlet />
        </Box>
        <ForOwners>
          <DemoClock />
        </ForOwners>
      </Box>
      <Suspense fallback={null}>{keys.shown && <KeysDialog onClose={keys.hide} />}</Suspense>
    </Flex>
  );
}
