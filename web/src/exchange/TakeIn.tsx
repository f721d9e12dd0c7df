import { Box, Flex, Input, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { messageOf, sendFile, type Schemas } from '../api/client';
import { plural } from '../kit/format';
import { Key } from '../kit/States';

type View = Schemas['ImportView'];

const WORDS: Record<View['rows'][number]['what'], string> = {
  fresh: 'new',
  changed: 'changed',
  same: 'as it is',
  refused: 'cannot be taken',
};

/** A logger's table has thousands of rows; the first ones show whether it was read right. */
const MOST_ROWS = 200;

interface Props {
  /** The table by its path. */
  name: 'moulds' | 'copies' | `temperatures/${string}`;
  title: string;
}

/** One table: out as it is, in after a look at what would happen, row by row. */
export function TakeIn({ name, title }: Props) {
  const queries = useQueryClient();
  const [file, setFile] = useState<File>();
  const take = useMutation({
    mutationFn: (wanted: { file: File; apply: boolean }) =>
      sendFile<View>(`/api/exchange/${name}?apply=${wanted.apply}`, wanted.file),
    onSuccess: (view) => (view.applied ? queries.invalidateQueries() : undefined),
  });
  const view = take.data;
  const shown = view?.rows.slice(0, MOST_ROWS);
  return (
    <Box as="section" aria-label={title} borderTop="4px solid" borderColor="steel" pt={4} mb={9}>
      <Text as="h2" textStyle="name">
        {title}
      </Text>
      <Flex gap={5} alignItems="flex-end" wrap="wrap" mt={2}>
        <a className="plain-link" href={`/api/exchange/${name}.csv`} download>
          take {name.split('/').pop()}.csv out
        </a>
        <label>
          <Text as="span" textStyle="small" color="quiet">
            or bring a table in
          </Text>
          <Input
            type="file"
            accept=".csv,text/csv"
            h="56px"
            pt="13px"
            bg="panel"
            borderColor="steel"
            borderWidth="2px"
            onChange={(e) => {
              const chosen = e.target.files?.[0];
              setFile(chosen);
              if (chosen) {
                take.mutate({ file: chosen, apply: false });
              }
            }}
          />
        </label>
        {file && view && !view.applied && view.refused === 0 && view.fresh + view.changed > 0 && (
          <Key main busy={take.isPending} onClick={() => take.mutate({ file, apply: true })}>
            Take in {plural(view.fresh + view.changed, 'row')}
          </Key>
        )}
      </Flex>
      <Box aria-live="polite" mt={3}>
        {take.error && (
          <Text role="alert" color="oxide" fontWeight={600}>
            {messageOf(take.error)}
          </Text>
        )}
        {view && (
          <Text fontWeight={600}>
            {view.applied ? 'Done: ' : 'This would be: '}
            {view.fresh} new, {view.changed} changed, {view.same} as they are
            {view.refused > 0 && `, ${view.refused} that cannot be taken, so none would be`}.
          </Text>
        )}
        {view && view.rows.length > MOST_ROWS && (
          <Text color="quiet">
            The first {MOST_ROWS} of {view.rows.length} rows:
          </Text>
        )}
        {shown?.map((row) => (
          <Flex key={row.number} gap={4} py={1} borderBottom="1px solid" borderColor="rule">
            <Text w="50px" color="quiet">
              {row.number}
            </Text>
            <Text w="220px" fontWeight={600} truncate>
              {row.name}
            </Text>
            <Text color={row.what === 'refused' ? 'oxide' : 'quiet'} w="130px" flexShrink={0}>
              {WORDS[row.what]}
            </Text>
            <Text color="oxide">{row.errors.map((e) => e.message).join(' ')}</Text>
          </Flex>
        ))}
      </Box>
    </Box>
  );
}
