import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { sendFile, type Schemas } from '../api/client';
import { ImportRows } from '../exchange/ImportRows';
import { TableField } from '../exchange/TableField';
import { Choice } from '../kit/Choice';
import { plural } from '../kit/format';
import { Key } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { Wrong } from '../kit/Wrong';

type Found = Schemas['Found'];
type View = Schemas['ImportView'];

const MEANINGS = [
  ['customer', 'customer'],
  ['product', 'product'],
  ['colourway', 'colourway'],
  ['quantity', 'how many'],
  ['due', 'due'],
  ['order', 'order number'],
  ['price', 'price of one'],
  ['note', 'note'],
] as const;

type Meaning = (typeof MEANINGS)[number][0];
type Chosen = Partial<Record<Meaning, string>>;

function query(chosen: Chosen, apply: boolean): string {
  const params = new URLSearchParams({ apply: String(apply) });
  for (const [meaning, column] of Object.entries(chosen)) {
    params.append('column', `${meaning}:${column}`);
  }
  return params.toString();
}

/** Import orders whose columns are called as they are called elsewhere. */
export function OrderTablePage() {
  useTitle('Import orders');
  const [file, setFile] = useState<File>();
  const [chosen, setChosen] = useState<Chosen>({});
  const look = useMutation({
    meta: { asksOnly: true },
    mutationFn: (wanted: File) => sendFile<Found>('/api/exchange/orders/columns', wanted),
    onSuccess: (found) => setChosen(found.guessed as Chosen),
  });
  const take = useMutation({
    mutationFn: (apply: boolean) =>
      file && Object.keys(chosen).length > 0
        ? sendFile<View>(`/api/exchange/orders?${query(chosen, apply)}`, file)
        : Promise.reject(new Error('No column of the table is chosen yet. Choose which is which.')),
  });
  const view = take.data;
  const columns = look.data?.columns ?? [];
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1060px">
      <Text as="h1" textStyle="title">
        Import orders
      </Text>
      <Text color="quiet" mb={4} maxW="640px">
        Comma-separated, with a head, a row a line. Rows of one order number are one order; without
        numbers, rows of one customer and day are.
      </Text>
      <TableField
        label="the table"
        onFile={(wanted) => {
          setFile(wanted);
          take.reset();
          if (wanted) {
            look.mutate(wanted);
          }
        }}
      />
      <Wrong error={look.error} mt={3} />
      {columns.length > 0 && (
        <Box mt={5}>
          <Text textStyle="name">Which column is which</Text>
          <Grid templateColumns={{ base: '1fr 1fr', md: 'repeat(4, 1fr)' }} columnGap={4}>
            {MEANINGS.map(([meaning, words]) => (
              <Choice
                key={meaning}
                label={words}
                value={chosen[meaning] ?? ''}
                options={[['', 'none'] as const, ...columns.map((c) => [c, c] as const)]}
                onValue={(column) => {
                  const rest = Object.entries(chosen).filter(([m]) => m !== meaning);
                  setChosen(Object.fromEntries(column ? [...rest, [meaning, column]] : rest));
                  take.reset();
                }}
              />
            ))}
          </Grid>
          <Flex gap={4}>
            <Key busy={take.isPending} onClick={() => take.mutate(false)}>
              Look what it would do
            </Key>
            {view && !view.applied && view.refused === 0 && view.fresh > 0 && (
              <Key main busy={take.isPending} onClick={() => take.mutate(true)}>
                {`Take in ${plural(view.fresh, 'row')}`}
              </Key>
            )}
          </Flex>
        </Box>
      )}
      <ImportRows view={view} error={take.error} />
    </Box>
  );
}
