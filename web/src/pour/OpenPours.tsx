import { Box, Flex, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { plural } from '../kit/format';
import { moment } from '../kit/style/time';
import { useNow } from '../server/useWorkshop';
import { said, titleOf } from './words';
import type { Session } from './script/facts';
import { useOpenPours } from './script/usePourSession';

/** A pour that nobody touched for so long is asked about. */
const FORGOTTEN_MS = 3 * 3_600_000;

/** The pours that go on now, on whatever bench: where each stands, and its working clock. */
export function OpenPours() {
  const now = useNow();
  const { data } = useOpenPours();
  if (!data || data.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="Pours that go on" mt={3} maxW="1000px">
      {data.map((session) => (
        <OpenPour key={session.id} session={session} now={now} />
      ))}
    </Box>
  );
}

function OpenPour({ session, now }: { session: Session; now: number }) {
  const { sheet, state, facts } = session;
  const last = facts.at(-1);
  const touched = Date.parse(last?.at ?? session.openedAt);
  const step = state.steps.find((s) => s.status === 'now');
  const forgotten = now - touched > FORGOTTEN_MS;
  const by = [last?.bench, last?.person].filter(Boolean).join(', ');
  return (
    <Link to={`/pours/${session.id}`}>
      <Flex
        minH="64px"
        alignItems="center"
        gap={4}
        px={3}
        py={2}
        wrap="wrap"
        borderLeft="6px solid"
        borderColor={forgotten ? 'oxide' : 'ochre'}
        bg="panel"
        mb={2}
      >
        <Box
          aria-hidden
          w="28px"
          h="28px"
          border="1px solid"
          borderColor="steel"
          style={{ background: sheet?.layers[0]?.colourway.swatch ?? 'transparent' }}
        />
        <Box flex={1} minW="240px">
          <Text textStyle="label" fontSize="20px">
            {sheet ? titleOf(sheet) : `Pour ${session.id}`}
          </Text>
          <Text textStyle="small" color="quiet">
            {filledOf(session)}
            {step && sheet && ` · next: ${said({ session, sheet, state }, step).title}`}
            {by && ` · ${by}`}
          </Text>
        </Box>
        <Text textStyle="label" fontSize="20px" color={forgotten ? 'oxide' : 'ochre'}>
          {forgotten
            ? `untouched since ${moment(touched, now)}: is it over?`
            : clockOf(session, now)}
        </Text>
      </Flex>
    </Link>
  );
}

function filledOf({ state }: Session): string {
  const full = state.copies.filter((c) => c.fill === 'full').length;
  return `${full} of ${plural(state.copies.length, 'copy')} full`;
}

function clockOf({ state }: Session, now: number): string {
  if (!state.clock) {
    return state.copies.some((c) => c.fill !== 'empty') ? 'to be recorded' : 'not wet';
  }
  const minutes = Math.floor((Date.parse(state.clock.workUntil) - now) / 60_000);
  return minutes > 0 ? `${minutes} min left to work` : 'it stiffens';
}
