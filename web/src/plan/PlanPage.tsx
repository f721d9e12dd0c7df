import { Box, Flex, Text } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { plural } from '../kit/format';
import { day } from '../kit/style/time';
import { LinkKey, Tabs } from '../kit/Tabs';
import { Failed, Key, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { FirstThing } from '../missing/FirstThing';
import { ByDay } from './ByDay';
import { ByMould } from './ByMould';
import { ByOrder } from './ByOrder';
import { type Plan, type Progress, usePlan, usePlanActs, useProgress } from '../server/usePlan';
import { Wrong } from '../kit/Wrong';

const SECONDS = 10;

const BY = [
  ['day', 'by day'],
  ['mould', 'by mould copy'],
  ['order', 'by order'],
] as const;

type By = (typeof BY)[number][0];

/** All casts over the coming weeks, read three ways. */
export function PlanPage() {
  useTitle('Plan');
  const [params, setParams] = useSearchParams();
  const by = (params.get('by') ?? 'day') as By;
  const { data, error, refetch } = usePlan();
  const progress = useProgress();
  const acts = usePlanActs();
  const refused = acts.run.error ?? acts.undo.error ?? acts.move.error ?? acts.letGo.error;
  return (
    <Box px={{ base: 4, md: 9 }} pt={7}>
      <Flex justifyContent="space-between" gap={4} wrap="wrap" mb={3}>
        <Box>
          <Text as="h1" textStyle="title">
            Plan
          </Text>
          {data?.id && <Summary plan={data} />}
        </Box>
        <Flex gap={3} wrap="wrap" alignItems="flex-start">
          <LinkKey to="/plan/promise">Promise</LinkKey>
          <LinkKey to="/plan/what-if">What if</LinkKey>
          <LinkKey to="/plan/needs">What to buy</LinkKey>
          {data?.canUndo && !progress?.running && (
            <Key busy={acts.undo.isPending} onClick={() => acts.undo.mutate(data)}>
              Plan before
            </Key>
          )}
          {progress?.running ? (
            <Key main onClick={() => acts.stop.mutate()}>
              Stop looking
            </Key>
          ) : (
            <Key main busy={acts.run.isPending} onClick={() => acts.run.mutate(SECONDS)}>
              Make the plan
            </Key>
          )}
        </Flex>
      </Flex>
      {progress?.running && <Looking progress={progress} />}
      {data?.renewing && (
        <Text role="status" color="quiet" mb={3}>
          The shop has just changed. This is the plan before; the new one is being laid out.
        </Text>
      )}
      <Wrong error={refused} mb={3} />
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the plan" />}
      {data && !data.id && (
        <FirstThing title="There is no plan yet">
          Press “Make the plan”: every cast that open orders want gets its mould copy, its day and
          its hands.
        </FirstThing>
      )}
      {data?.id && (
        <>
          <Changes plan={data} />
          <Tabs
            label="Read the plan"
            value={by}
            options={BY}
            onValue={(v) => setParams({ by: v }, { replace: true })}
          />
          {by === 'day' && <ByDay plan={data} />}
          {by === 'mould' && <ByMould plan={data} acts={acts} />}
          {by === 'order' && <ByOrder plan={data} />}
        </>
      )}
    </Box>
  );
}

function Summary({ plan }: { plan: Plan }) {
  const late = plan.lines.filter((l) => l.lateDays > 0);
  const last = plan.casts
    .map((c) => c.pourAt.slice(0, 10))
    .sort()
    .at(-1);
  return (
    <Text color="quiet">
      {plural(plan.casts.length, 'cast')}
      {last ? ` to ${day(last)}` : ''} ·{' '}
      <Text as="span" color={late.length > 0 ? 'oxide' : 'moss'} fontWeight={600}>
        {late.length > 0
          ? `${plural(late.length, 'line')} late, ${plural(plan.lateDays, 'day')} in all`
          : 'nothing late'}
      </Text>
      {late.length > 0 && plan.leastLateDays > 0
        ? plan.lateDays <= plan.leastLateDays
          ? '; no plan has fewer'
          : `; no plan goes below ${Math.round(plan.leastLateDays)}`
        : ''}
      {plan.idle.length > 0 ? ` · ${plural(plan.idle.length, 'line')} without a mould` : ''}
    </Text>
  );
}

function Looking({ progress }: { progress: Progress }) {
  return (
    <Box mb={3} maxW="520px" role="status">
      <Flex h="8px" bg="rule" aria-hidden>
        <Box
          bg="bath"
          style={{ width: `${Math.min(100, (100 * progress.seconds) / progress.ofSeconds)}%` }}
        />
      </Flex>
      <Text textStyle="small" color="quiet">
        This plan stands. Looking for a better one:{' '}
        {plural(progress.better, 'better one', 'better ones')} so far.
      </Text>
    </Box>
  );
}

/** What is another day than yesterday. */
function Changes({ plan }: { plan: Plan }) {
  if (plan.changes.length === 0) {
    return null;
  }
  const promised = plan.changes.filter((c) => c.promised).length;
  return (
    <Box as="details" mb={4} borderLeft="4px solid" borderColor="ochre" pl={3}>
      <Box as="summary" cursor="pointer">
        {plural(plan.changes.length, 'line is', 'lines are')} another day than yesterday’s plan had
        {promised > 0 ? `, ${promised} of them promised` : ''}
      </Box>
      {plan.because.map((why) => (
        <Text key={why} fontWeight={600}>
          {why}
        </Text>
      ))}
      {plan.changes.map((c) => (
        <Text key={c.lineId} textStyle="small" fontWeight={c.promised ? 600 : 400}>
          {c.order}, {c.customer}, {c.product}
          {c.promised ? ', promised' : ''}: {c.was ? day(c.was) : 'not planned'} →{' '}
          {c.is ? day(c.is) : 'no longer planned'}
          {c.why ? `. ${c.why}` : ''}
        </Text>
      ))}
    </Box>
  );
}
