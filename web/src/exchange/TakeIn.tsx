import { Box, Flex, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { sendFile, type Schemas } from '../api/client';
import { plural } from '../kit/format';
import { Key } from '../kit/States';
import { ImportRows } from './ImportRows';
import { TableField } from './TableField';

type View = Schemas['ImportView'];

interface Props {
  /** The table by its path. */
  name: 'moulds' | 'copies' | `temperatures/${string}`;
  title: string;
}

/** One table: out as it is, in after a look at what would happen, row by row. */
export function TakeIn({ name, title }: Props) {
  const [file, setFile] = useState<File>();
  const take = useMutation({
    mutationFn: (wanted: { file: File; apply: boolean }) =>
      sendFile<View>(`/api/exchange/${name}?apply=${wanted.apply}`, wanted.file),
  });
  const view = take.data;
  return (
    <Box as="section" aria-label={title} borderTop="4px solid" borderColor="steel" pt={4} mb={9}>
      <Text as="h2" textStyle="name">
        {title}
      </Text>
      <Flex gap={5} alignItems="flex-end" wrap="wrap" mt={2}>
        <a className="plain-link" href={`/api/exchange/${name}.csv`} download>
          export {name.split('/').pop()}.csv
        </a>
        <TableField
          label="or import a table"
          onFile={(chosen) => {
            setFile(chosen);
            if (chosen) {
              take.mutate({ file: chosen, apply: false });
            }
          }}
        />
        {file && view && !view.applied && view.refused === 0 && view.fresh + view.changed > 0 && (
          <Key main busy={take.isPending} onClick={() => take.mutate({ file, apply: true })}>
            Take in {plural(view.fresh + view.changed, 'row')}
          </Key>
        )}
      </Flex>
      <ImportRows view={view} error={take.error} />
    </Box>
  );
}
