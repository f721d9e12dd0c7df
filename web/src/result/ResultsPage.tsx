import { Box, Flex, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, type ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { client, dataOf, type Schemas } from '../api/client';
import { Tabs } from '../kit/Tabs';
import { Empty, Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { money } from '../kit/style/money';

const Bars = lazy(() => import('./Bars'));

type Results = Schemas['ResultView'];

const WEEKS = [
  ['4', '4 weeks'],
  ['8', '8 weeks'],
  ['26', 'half a year'],
] as const;

/** Results: on time, moulds in use, scrap, margins; a table behind each chart. */
export function ResultsPage() {
  useTitle('Results');
  const [params, setParams] = useSearchParams();
  const weeks = params.get('weeks') ?? '8';
  const { data, error, refetch } = useQuery({
    queryKey: ['results', weeks],
    queryFn: () =>
      dataOf(client.GET('/api/results', { params: { query: { weeks: Number(weeks) } } })),
  });
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1060px">
      <Flex justifyContent="space-between" wrap="wrap" gap={4} mb={4}>
        <Text as="h1" textStyle="title">
          Results
        </Text>
        <Tabs
          label="Since"
          value={weeks}
          options={WEEKS}
          onValue={(w) => setParams({ weeks: w }, { replace: true })}
        />
      </Flex>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the results" />}
      {data && (
        <Suspense fallback={<Loading what="the charts" />}>
          <Charts results={data} weeks={weeks} />
        </Suspense>
      )}
    </Box>
  );
}

function Charts({ results, weeks }: { results: Results; weeks: string }) {
  const percent = (share: number) => Number((100 * share).toFixed(1));
  const share = results.onTimeShare;
  const late = results.months.reduce((sum, m) => sum + m.late, 0);
  const lateDays = results.months.reduce((sum, m) => sum + m.late * m.meanLateDays, 0);
  return (
    <>
      <Part
        title="On time in full"
        table={`months.csv?weeks=${weeks}`}
        empty={results.months.length === 0 ? 'Nothing was due in these weeks.' : undefined}
      >
        <Text mb={2}>
          {share === undefined ? '' : `${percent(share)} % of the lines that were due`}
          {late > 0
            ? `; those that were late, by ${(lateDays / late).toFixed(1)} days on average`
            : ''}
        </Text>
        <Bars
          label="Lines on time and late, by month"
          unit=""
          rows={results.months.map((m) => ({
            name: m.month,
            'on time': m.onTimeInFull,
            late: m.late,
          }))}
          series={[
            ['on time', 'moss'],
            ['late', 'ochre'],
          ]}
        />
      </Part>
      <Part title="Mould copies in use" table={`moulds.csv?weeks=${weeks}`}>
        <Bars
          label="Share of time that each mould's copies were full"
          unit=" %"
          rows={results.moulds.map((m) => ({
            name: `${m.mould}, ${m.turnsAWeek.toFixed(1)} turns a week`,
            full: percent(1 - m.idleShare),
          }))}
          series={[['full', 'steel']]}
        />
      </Part>
      <Part
        title="Scrap"
        table={`scrap.csv?weeks=${weeks}`}
        empty={results.scrap.length === 0 ? 'Nothing came out of a mould.' : undefined}
      >
        <Bars
          label="Share of each product's pieces that broke"
          unit=" %"
          rows={results.scrap.map((s) => ({
            name: `${s.product}, ${s.scrap} of ${s.pieces}`,
            scrap: percent(s.share),
          }))}
          series={[['scrap', 'ochre']]}
        />
      </Part>
      <Part
        title="What a piece leaves"
        table={`margins.csv?weeks=${weeks}`}
        empty={results.margins.length === 0 ? 'Nothing was poured yet.' : undefined}
      >
        <Bars
          label="Price less cost of a piece, by product"
          unit=""
          rows={results.margins.map((m) => ({
            name: `${m.product}, ${money(m.price)} less ${money(m.cost)}`,
            cost: m.cost,
            margin: m.margin,
          }))}
          series={[
            ['cost', 'steel'],
            ['margin', 'moss'],
          ]}
        />
      </Part>
    </>
  );
}

interface PartProps {
  title: string;
  table: string;
  empty?: string | undefined;
  children: ReactNode;
}

function Part({ title, table, empty, children }: PartProps) {
  return (
    <Box as="section" aria-label={title} borderTop="4px solid" borderColor="steel" pt={3} mb={8}>
      <Flex justifyContent="space-between" alignItems="baseline" mb={2}>
        <Text as="h2" textStyle="name">
          {title}
        </Text>
        <a className="plain-link" href={`/api/results/${table}`} download>
          as a table
        </a>
      </Flex>
      {empty ? <Empty title={empty}>It shows here as soon as something was.</Empty> : children}
    </Box>
  );
}
