import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { Choice } from '../../kit/Choice';
import { plural } from '../../kit/format';
import { Failed, Loading } from '../../kit/States';
import { money } from '../../kit/style/money';
import { day } from '../../kit/style/time';
import { LinkKey } from '../../kit/Tabs';
import { useTitle } from '../../kit/useTitle';
import { usePlan } from '../usePlan';
import { useWhatIf, type WhatIfView } from './useWhatIf';

const MORE = ['1', '2', '3', '4'];

/** What more copies, people or hours would do to the plan, tried together; nothing is kept. */
export function WhatIfPage() {
  useTitle('What if');
  const { data: plan } = usePlan();
  const [mould, setMould] = useState('');
  const [copies, setCopies] = useState('1');
  const [people, setPeople] = useState('0');
  const [minutes, setMinutes] = useState('0');
  const [saturday, setSaturday] = useState('');
  const { data, error, refetch, isFetching } = useWhatIf({
    copies: mould ? [{ mouldId: Number(mould), more: Number(copies) }] : [],
    people: Number(people),
    minutes: Number(minutes),
    ...(saturday && { alsoOn: 'SAT' as const }),
  });
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1160px">
      <Flex justifyContent="space-between" gap={4} wrap="wrap" mb={3}>
        <Text as="h1" textStyle="title">
          What if
        </Text>
        <LinkKey to="/plan">Whole plan</LinkKey>
      </Flex>
      <Grid templateColumns={{ base: '1fr', md: '300px 1fr' }} gap={9}>
        <Box as="section" aria-label="What would be different">
          <Choice
            label="more copies of a mould"
            value={mould}
            options={[
              ['', 'none'] as const,
              ...(plan?.moulds ?? []).map((m) => [String(m.mouldId), m.mould] as const),
            ]}
            onValue={setMould}
          />
          {mould !== '' && (
            <Choice
              label="how many more"
              value={copies}
              options={MORE.map((n) => [n, n] as const)}
              onValue={setCopies}
            />
          )}
          <Choice
            label="more people"
            value={people}
            options={['0', '1', '2', '3'].map((n) => [n, n] as const)}
            onValue={setPeople}
          />
          <Choice
            label="each day is longer by"
            value={minutes}
            options={[
              ['0', 'nothing'] as const,
              ['60', 'an hour'] as const,
              ['120', 'two hours'] as const,
            ]}
            onValue={setMinutes}
          />
          <Choice
            label="on Saturdays too"
            value={saturday}
            options={[['', 'as it is'] as const, ['yes', 'yes'] as const]}
            onValue={setSaturday}
          />
          <Text textStyle="small" color="quiet" mt={3}>
            This is only tried. To keep it, add copies on the mould’s page, or change people and
            hours of the <Link to="/workshop">workshop</Link>.
          </Text>
        </Box>
        <Box aria-busy={isFetching}>
          {error && <Failed error={error} retry={() => void refetch()} />}
          {!data && !error && <Loading what="the plan" />}
          {data && <SideBySide trial={data} />}
        </Box>
      </Grid>
    </Box>
  );
}

function SideBySide({ trial }: { trial: WhatIfView }) {
  const rows: [string, string, string][] = [
    [
      'late',
      late(trial.before.lateLines, trial.before.lateDays),
      late(trial.after.lateLines, trial.after.lateDays),
    ],
    ['mixes', String(trial.before.mixes), String(trial.after.mixes)],
    ['all is ready', ready(trial.before.lastReady), ready(trial.after.lastReady)],
  ];
  return (
    <>
      <Box as="section" aria-label="Side by side" borderTop="4px solid" borderColor="steel">
        <Grid templateColumns="130px 1fr 1fr" columnGap={5} rowGap={2} py={3}>
          <span />
          <Text textStyle="label">as it is</Text>
          <Text textStyle="label">as it would be</Text>
          {rows.map(([what, was, is]) => (
            <Row key={what} what={what} was={was} is={is} />
          ))}
        </Grid>
        {trial.copiesCost !== undefined && (
          <Text color="quiet">The copies cost {money(trial.copiesCost)}.</Text>
        )}
      </Box>
      <Box as="section" aria-label="Lines that move" mt={5}>
        <Text as="h2" textStyle="name">
          {trial.lines.length === 0
            ? 'No line is ready on another day'
            : `${plural(trial.lines.length, 'line')} on another day`}
        </Text>
        {trial.lines.map((l) => (
          <Text key={l.lineId} py={1} borderTop="1px solid" borderColor="rule">
            <Link className="plain-link" to={`/orders/${l.orderId}`}>
              {l.order}, {l.customer}
            </Link>{' '}
            · {l.product} · {day(l.was)} →{' '}
            <Text as="span" fontWeight={600} color={l.is > l.due ? 'oxide' : 'moss'}>
              {day(l.is)}
            </Text>
            {l.is > l.due ? `, due ${day(l.due)}` : ''}
          </Text>
        ))}
      </Box>
    </>
  );
}

function Row({ what, was, is }: { what: string; was: string; is: string }) {
  return (
    <>
      <Text color="quiet">{what}</Text>
      <Text>{was}</Text>
      <Text fontWeight={was === is ? 400 : 700}>{is}</Text>
    </>
  );
}

function late(lines: number, days: number): string {
  return lines === 0 ? 'nothing' : `${plural(lines, 'line')}, ${plural(days, 'day')} in all`;
}

function ready(date: string | undefined): string {
  return date ? day(date) : 'nothing to pour';
}
