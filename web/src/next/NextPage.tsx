import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { Link } from '../kit/Link';
import { plural } from '../kit/format';
import { moment, readTime } from '../kit/style/time';
import { Failed, Loading } from '../kit/States';
import { TimeField } from '../kit/TimeField';
import { useTitle } from '../kit/useTitle';
import { FirstThing } from '../missing/FirstThing';
import { useNext } from '../server/useNext';
import { usePlan } from '../server/usePlan';
import { OpenPours } from '../pour/OpenPours';
import { GroupDialog } from '../shelf/GroupDialog';
import { type Group, type ToWash, useShelf } from '../server/useShelf';
import { WashDialog } from '../shelf/WashDialog';
import { useNow } from '../server/useWorkshop';
import { CallChoice } from './CallChoice';
import { byBoard, tasksOf } from './next';
import { Seconds } from './Seconds';
import { TaskList } from './TaskList';

/** What to do next, pours of the plan among it, by due moment or by place, and what fits. */
export function NextPage() {
  useTitle('Next');
  const now = useNow();
  const shelf = useShelf();
  const plan = usePlan();
  const [params, setParams] = useSearchParams();
  const [open, setOpen] = useState<Group>();
  const [wash, setWash] = useState<ToWash[]>();
  const by = params.get('by') === 'place' ? 'place' : 'time';
  // An address may say anything.
  const clock = readTime(params.get('until') ?? '') ?? '12:30';
  const { data, error, refetch } = useNext(clock, Math.floor(now / 60_000));
  const tasks = tasksOf(data?.tasks ?? [], shelf.data?.groups ?? []);
  const set = (key: string, value: string) => {
    params.set(key, value);
    setParams(params, { replace: true });
  };
  return (
    <Box px={{ base: 4, md: 9 }} pt={6} maxW="1000px">
      <Text as="h1" textStyle="title">
        Next
      </Text>
      <OpenPours />
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="what comes next" />}
      <Flex gap={6} wrap="wrap" alignItems="flex-end" mb={2}>
        <Box w="140px">
          <TimeField label="due by" text={clock} onText={(text) => set('until', text)} />
        </Box>
        <Flex gap={4} pb={8} role="group" aria-label="Order">
          {(['time', 'place'] as const).map((way) => (
            <Link
              key={way}
              className={by === way ? '' : 'plain-link'}
              aria-current={by === way ? 'true' : undefined}
              to={`?by=${way}&until=${clock}`}
            >
              <Text as="span" textStyle="label">
                by {way}
              </Text>
            </Link>
          ))}
        </Flex>
      </Flex>
      {data?.tasks.length === 0 && (
        <FirstThing title={`Nothing is due by ${moment(Date.parse(data.until), now)}`}>
          A good time to{' '}
          <Link className="plain-link" to="/pour">
            pour
          </Link>
          .
        </FirstThing>
      )}
      {data && data.tasks.length > 0 && (
        <Text fontSize="20px" fontWeight={600} mb={3}>
          {data.tasks.length === data.fits
            ? `All ${plural(data.fits, 'task')} fit`
            : `${data.fits} of ${plural(data.tasks.length, 'task')} fit`}
          {` by ${moment(Date.parse(data.until), now)}`}, {Math.round(data.minutes)} minutes for one
          person.
        </Text>
      )}
      {by === 'time' ? (
        <TaskList
          tasks={tasks}
          fit={data?.fits ?? 0}
          now={now}
          plan={plan.data}
          onOpen={setOpen}
          onWash={setWash}
        />
      ) : (
        byBoard(tasks).map((b) => (
          <Box key={b.board} as="section" aria-label={b.name} mb={4}>
            <Text as="h2" textStyle="name">
              {b.name}
            </Text>
            <TaskList
              tasks={b.tasks}
              fit={b.tasks.length}
              now={now}
              plan={plan.data}
              onOpen={setOpen}
              onWash={setWash}
            />
          </Box>
        ))
      )}
      <Seconds />
      <CallChoice />
      <Text mt={8}>
        In your calendar:{' '}
        <a className="plain-link" href="/api/shelf/gates.ics">
          all gates (iCalendar)
        </a>
        <Text as="span" color="quiet">
          , as a file, or by its address as a feed that follows the temperatures.
        </Text>
      </Text>
      {wash && <WashDialog toWash={wash} now={now} onClose={() => setWash(undefined)} />}
      {open && <GroupDialog group={open} onClose={() => setOpen(undefined)} />}
    </Box>
  );
}
