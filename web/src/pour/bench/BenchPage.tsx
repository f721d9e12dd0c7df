import { Box } from '@chakra-ui/react';
import { useParams } from 'react-router';
import { Problem } from '../../api/client';
import { Failed, Loading } from '../../kit/States';
import { useTitle } from '../../kit/useTitle';
import { nowMs } from '../../kit/style/clock';
import { useNow } from '../../server/useWorkshop';
import { PouredPage } from '../PouredPage';
import { factsOf, lastPress, pressOf, takingBack, type What } from '../script/facts';
import { forget, isSending, note, queued } from '../script/queue';
import { useChanges } from '../../server/useChanges';
import { useSession } from '../script/usePourSession';
import { Bench } from './Bench';
import { Unsent } from './Findings';
import { notedBy, useBenchSettings } from './settings';

/** A pour at the bench: dark, full screen, one thing at a time; once it is over, what it did. */
export function BenchPage() {
  useTitle('Pour');
  const id = Number(useParams()['id']);
  const { going, error, refetch } = useSession(id);
  const { settings, keep } = useBenchSettings();
  const now = useNow();
  useChanges(isSending);
  const session = going?.session;
  const onNote = (whats: What[]) => note(id, factsOf(whats, nowMs(), notedBy(settings)));
  const onUndo = () => {
    const last = lastPress([...(session?.facts ?? []), ...(going?.waiting ?? [])]);
    const waits = queued().waiting.find((w) =>
      w.facts.some((f) => pressOf(f.key) === pressOf(last[0]?.key ?? '')),
    );
    // What nobody else has seen is forgotten; the rest is taken back by facts of its own.
    if (waits && going?.goneSince !== undefined) {
      forget(waits);
    } else if (last.length > 0) {
      onNote(takingBack(last));
    }
  };
  const over =
    session !== undefined &&
    (session.state.status !== 'open' || session.closedAt !== undefined) &&
    going?.waiting.length === 0;
  return (
    <Box className="dark" minH="100vh" bg="ground" color="ink">
      {error && !session && isOld(error) && <PouredPage id={id} />}
      {error && !session && !isOld(error) && (
        <Box p={8}>
          <Failed whole error={error} retry={() => void refetch()} />
        </Box>
      )}
      {!session && !error && (
        <Box p={8}>
          <Loading what="the pour" />
        </Box>
      )}
      {session && (over || !session.sheet) && <PouredPage id={id} session={session} />}
      {session?.sheet && going && !over && (
        <Bench
          session={session}
          sheet={session.sheet}
          settings={settings}
          below={<Unsent going={going} now={now} />}
          onKeep={keep}
          onNote={onNote}
          onUndo={onUndo}
        />
      )}
    </Box>
  );
}

/** Pours of before they were kept fact by fact have no session. */
function isOld(error: Error): boolean {
  return error instanceof Problem && error.code === 'pour.unknown';
}
