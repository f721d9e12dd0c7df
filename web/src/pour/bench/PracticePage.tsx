import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { Link } from '../../kit/Link';
import { messageOf } from '../../api/client';
import { Failed, Key, Loading } from '../../kit/States';
import { useTitle } from '../../kit/useTitle';
import { nowMs } from '../../kit/style/clock';
import { Balance } from '../Balance';
import { openingOf } from '../PourStart';
import { factsOf, lastPress, type What } from '../script/facts';
import { usePractice } from '../script/usePractice';
import { wantedOf } from '../../server/usePour';
import { Bench } from './Bench';
import { mishapAt } from './mishap';
import { notedBy, useBenchSettings } from './settings';
import { Suffered } from './Suffered';

/** A sheet poured as practice: the same steps, with mishaps on request, and nothing is kept. */
export function PracticePage() {
  useTitle('Practice');
  const [params] = useSearchParams();
  const [opening] = useState(() => openingOf(wantedOf(params)));
  const { session, error, note, drop, restart } = usePractice(opening);
  const { settings, keep } = useBenchSettings();
  const [happened, setHappened] = useState('');
  const say = (whats: What[]) => note(factsOf(whats, nowMs(), notedBy(settings)));
  const sheet = session?.sheet;
  const step = session?.state.steps.find((s) => s.status === 'now');
  const mishap =
    session && sheet && step ? mishapAt({ session, sheet, state: session.state }, step) : undefined;
  const over = session !== undefined && session.state.status !== 'open';
  return (
    <Box className="dark" minH="100vh" bg="ground" color="ink">
      {error && !session && (
        <Box p={8}>
          <Failed whole error={error} retry={restart} />
        </Box>
      )}
      {!session && !error && (
        <Box p={8}>
          <Loading what="the practice" />
        </Box>
      )}
      {session && over && (
        <Box as="main" p={{ base: 5, md: 12 }} maxW="900px">
          <Text as="h1" textStyle="title" fontSize="48px">
            The practice is over
          </Text>
          <Text fontSize="22px">Nothing was kept: no stock fell, no mould is held.</Text>
          <Balance session={session} />
          <Suffered session={session} />
          <Flex gap={4} mt={6} alignItems="center">
            <Key main onClick={restart}>
              Once more
            </Key>
            <Link className="plain-link" to="/pour">
              What to pour
            </Link>
          </Flex>
        </Box>
      )}
      {session && sheet && !over && (
        <Bench
          practice
          session={session}
          sheet={sheet}
          settings={settings}
          onKeep={keep}
          onNote={(whats) => {
            setHappened('');
            say(whats);
          }}
          onUndo={() => drop(lastPress(session.facts))}
          below={
            <Box mt={5}>
              {error && (
                <Box role="alert" mb={3}>
                  <Text color="oxide" fontWeight={600} fontSize="20px">
                    Not taken: {messageOf(error)}
                  </Text>
                  <Key onClick={() => drop(lastPress(session.facts))}>Go on without it</Key>
                </Box>
              )}
              {happened && (
                <Text role="status" color="ochre" fontSize="20px" fontWeight={600} mb={3}>
                  {happened}
                </Text>
              )}
              {mishap && (
                <Key
                  onClick={() => {
                    setHappened(mishap.words);
                    say(mishap.whats);
                  }}
                >
                  Let something go wrong
                </Key>
              )}
            </Box>
          }
        />
      )}
    </Box>
  );
}
