import { Box, Flex, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { type ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { client, dataOf, type Schemas } from '../api/client';
import { Tabs } from '../kit/Tabs';
import { Empty, Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { Margins, MouldsInUse, OnTime, Scrap } from './ResultParts';
import { keyOf } from '../server/keys';

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
    queryKey: keyOf('results', weeks),
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
      {data && <Charts results={data} weeks={weeks} />}
    </Box>
  );
}

function Charts({ results, weeks }: { results: Results; weeks: string }) {
  return (
    <>
      <Part
        title="On time and complete"
        table={`months.csv?weeks=${weeks}`}
        empty={results.months.length === 0 ? 'Nothing was due in these weeks.' : undefined}
      >
        <OnTime results={results} />
      </Part>
      <Part
        title="Moulds in use"
        table={`moulds.csv?weeks=${weeks}`}
        empty={results.moulds.length === 0 ? 'There is no mould yet.' : undefined}
      >
        <MouldsInUse results={results} />
      </Part>
      <Part
        title="Scrap"
        table={`scrap.csv?weeks=${weeks}`}
        empty={results.scrap.length === 0 ? 'Nothing came out of a mould.' : undefined}
      >
        <Scrap results={results} />
      </Part>
      <Part
        title="Price less cost, per piece"
        table={`margins.csv?weeks=${weeks}`}
        empty={(results.margins ?? []).length === 0 ? 'Nothing was poured yet.' : undefined}
      >
        <Margins results={results} />
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
