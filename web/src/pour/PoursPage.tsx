import { Box, Flex, Text } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { Link } from '../kit/Link';
import { Choice } from '../kit/Choice';
import { DateField } from '../kit/DateField';
import { plural } from '../kit/format';
import { moment } from '../kit/style/time';
import { Empty, Failed, Key, Loading } from '../kit/States';
import { Tabs } from '../kit/Tabs';
import { TextField } from '../kit/TextField';
import { useTitle } from '../kit/useTitle';
import { useRecipes } from '../server/useRecipes';
import { useNow } from '../server/useWorkshop';
import { useUndo } from '../server/usePour';
import { type PourRow, type Stands, usePours } from '../server/usePours';
import { Wrong } from '../kit/Wrong';

const WHICH = [
  ['', 'all'],
  ['OPEN', 'going on'],
  ['RECORDED', 'recorded'],
  ['UNDONE', 'taken back'],
  ['ABANDONED', 'given up'],
] as const;

const WORDS: Record<string, string> = {
  OPEN: 'going on',
  RECORDED: 'recorded',
  UNDONE: 'taken back',
  ABANDONED: 'given up',
};

/** Every pour, the latest first: found by what, when, which mix, and how it stands. */
export function PoursPage() {
  useTitle('Pours');
  const now = useNow();
  const [params, setParams] = useSearchParams();
  const { data: recipes } = useRecipes();
  const at = (key: string) => params.get(key) ?? '';
  const page = Number(at('page') || 0);
  const status = at('which').toUpperCase() as Stands | '';
  const wanted = {
    search: at('search'),
    day: at('day'),
    colourwayId: at('mix'),
    status: status && (status.toLowerCase() as Stands),
    page,
  };
  const { data, error, refetch } = usePours(wanted);
  const set = (changed: Record<string, string>) => {
    const next = new URLSearchParams(params);
    next.delete('page');
    Object.entries(changed).forEach(([k, v]) => (v ? next.set(k, v) : next.delete(k)));
    setParams(next, { replace: true });
  };
  const mixes = (recipes ?? []).flatMap(({ recipe, colourways }) =>
    colourways.map((c) => [String(c.id), `${recipe.name}, ${c.name}`] as const),
  );
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1160px">
      <Flex justifyContent="space-between" alignItems="baseline" gap={4} wrap="wrap">
        <Text as="h1" textStyle="title">
          Pours
        </Text>
        <Link className="plain-link" to="/pour">
          what to pour
        </Link>
      </Flex>
      <Box mt={3} mb={4}>
        <Tabs
          label="Which pours"
          value={status}
          options={WHICH}
          onValue={(which) => set({ which: which.toLowerCase() })}
        />
      </Box>
      <Flex gap={4} wrap="wrap" alignItems="flex-start">
        <Box w={{ base: '100%', md: '340px' }}>
          <TextField
            label="product, copy, recipe or colour"
            text={wanted.search}
            onText={(search) => set({ search })}
          />
        </Box>
        <Box w="220px">
          <DateField label="day" text={wanted.day} onText={(day) => set({ day })} />
        </Box>
        <Box w="280px">
          <Choice
            label="mix"
            value={wanted.colourwayId}
            options={[['', 'any'], ...mixes]}
            onValue={(mix) => set({ mix })}
          />
        </Box>
      </Flex>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the pours" />}
      {data?.items.length === 0 && (
        <Empty title="No pour is like that">
          Look for another day or mix, or{' '}
          <Link className="plain-link" to="/pour">
            pour something
          </Link>
          .
        </Empty>
      )}
      {data?.items.map((row) => (
        <Row key={row.id} row={row} now={now} />
      ))}
      {data && data.total > data.size && (
        <Flex gap={4} mt={5} alignItems="center">
          <Key disabled={page === 0} onClick={() => set({ page: String(page - 1) })}>
            Later
          </Key>
          <Text color="quiet">
            {page * data.size + 1} to {Math.min(data.total, (page + 1) * data.size)} of{' '}
            {plural(data.total, 'pour')}
          </Text>
          <Key
            disabled={(page + 1) * data.size >= data.total}
            onClick={() => set({ page: String(page + 1) })}
          >
            Earlier
          </Key>
        </Flex>
      )}
    </Box>
  );
}

function Row({ row, now }: { row: PourRow; now: number }) {
  const undo = useUndo();
  const stands = WORDS[row.status.toUpperCase()] ?? row.status;
  const gone = stands === 'taken back' || stands === 'given up';
  return (
    <Flex
      borderBottom="1px solid"
      borderColor="rule"
      minH="64px"
      py={2}
      gap={4}
      alignItems="center"
      wrap="wrap"
    >
      <Box
        aria-hidden
        w="28px"
        h="28px"
        border="1px solid"
        borderColor="steel"
        style={{ background: gone ? 'transparent' : row.swatch }}
      />
      <Box flex={1} minW="260px">
        <Link className="plain-link" to={`/pours/${row.id}`}>
          <Text as="span" textStyle="label" fontSize="20px">
            {row.products.join(' and ') || row.recipe}, {row.colourway}
          </Text>
        </Link>
        <Text textStyle="small" color="quiet">
          {moment(Date.parse(row.at), now)} · {row.recipe}
          {row.copies.length > 0 && ` · ${row.copies.join(' ')}`}
          {row.person && ` · ${row.person}`}
          {row.orders.length > 0 && ` · for ${row.orders.map((o) => o.number).join(' and ')}`}
        </Text>
        <Wrong error={undo.error} />
      </Box>
      <Text color={stands === 'going on' ? 'ochre' : 'quiet'} w="110px">
        {stands}
      </Text>
      {stands === 'recorded' && (
        <Key
          busy={undo.isPending}
          onClick={() => undo.mutate({ key: `undo-${row.id}`, id: row.id })}
        >
          Undo
        </Key>
      )}
    </Flex>
  );
}
