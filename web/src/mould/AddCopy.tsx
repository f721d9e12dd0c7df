import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Problem } from '../api/client';
import { Key, Loading } from '../kit/States';
import { TextField } from '../kit/TextField';
import { type Mould, useAddCopy, useNextCode } from '../server/useMoulds';
import { Wrong } from '../kit/Wrong';

/** One more copy of a mould. */
export function AddCopy({ mould }: { mould: Mould }) {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState<string>();
  const { data: next, error: noCode } = useNextCode(mould.id, open);
  const code = typed ?? next?.code ?? '';
  const [place, setPlace] = useState('');
  const [before, setBefore] = useState('0');
  const add = useAddCopy(mould.id);
  const problem = (field: string) =>
    add.error instanceof Problem
      ? add.error.errors.find((e) => e.field === field)?.message
      : undefined;
  if (!open) {
    return (
      <Key
        onClick={() => {
          setTyped(undefined);
          setPlace(mould.copies[mould.copies.length - 1]?.place ?? '');
          setOpen(true);
        }}
      >
        Add a copy
      </Key>
    );
  }
  if (!next && !noCode) {
    // A code that comes while somebody types would run into theirs.
    return <Loading what="the next code" />;
  }
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        const castsBefore = Number(before);
        add.mutate(
          { code, castsBefore, ...(place.trim() !== '' && { place: place.trim() }) },
          { onSuccess: () => setOpen(false) },
        );
      }}
    >
      <Flex gap={3} alignItems="flex-end" wrap="wrap">
        <Box w="110px">
          <TextField label="code" text={code} onText={setTyped} problem={problem('code')} />
        </Box>
        <Box w="150px">
          <TextField label="place" text={place} onText={setPlace} />
        </Box>
        <Box w="150px">
          <TextField
            label="casts made so far"
            text={before}
            onText={setBefore}
            problem={problem('castsBefore')}
          />
        </Box>
        <Flex pb="20px" gap={3}>
          <Key main type="submit" busy={add.isPending}>
            Add it
          </Key>
          <Key onClick={() => setOpen(false)}>Close</Key>
        </Flex>
      </Flex>
      {!problem('code') && !problem('castsBefore') && <Wrong error={add.error} />}
    </form>
  );
}
