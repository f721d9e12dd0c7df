import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { Empty, Failed, Loading } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useTitle } from '../kit/useTitle';
import { MaterialRow } from './MaterialRow';
import { useStock } from './useStock';

/** What is bought and used up: what is left of it, lot by lot. */
export function StockPage() {
  useTitle('Stock');
  const { data, error, refetch } = useStock();
  const [search, setSearch] = useState('');
  const rows = (data ?? []).filter((s) =>
    s.material.name.toLowerCase().includes(search.toLowerCase()),
  );
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      <Flex justifyContent="space-between" alignItems="baseline">
        <Text as="h1" textStyle="title">
          Stock
        </Text>
        <Link className="plain-link" to="/stock/use">
          what was used, and what it cost
        </Link>
      </Flex>
      <Box w="280px" mt={2}>
        <TextField label="material" text={search} onText={setSearch} />
      </Box>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the stock" />}
      {data && rows.length === 0 && (
        <Empty title={search ? 'No material of that name' : 'No materials yet'}>
          {search
            ? 'Search by part of its name.'
            : 'Take a shipped recipe in under Mixes; its materials come with it.'}
        </Empty>
      )}
      {rows.map((stock) => (
        <MaterialRow key={`${stock.material.id} ${stock.material.version}`} stock={stock} />
      ))}
    </Box>
  );
}
