import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { messageOf, Problem } from '../api/client';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { type Mould, useAddCopy } from './useMoulds';

/** The code that would be next: R8 gives R9. */
export function nextCode(mould: Mould): string {
  const last = mould.copies[mould.copies.length - 1]?.code;
  const parts = last?.match(/^(.*?)(\d+)$/);
  return parts ? `${parts[1]}${Number(parts[2]) + 1}` : `${mould.name.charAt(0).toUpperCase()}1`;
}

/** One more copy of a mould. */
export function AddCopy({ mould }: { mould: Mould }) {
  const [open, setOpen] = useState(false);
  const [code, setCode] = useState('');
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
          setCode(nextCode(mould));
          setPlace(mould.copies[mould.copies.length - 1]?.place ?? '');
          setOpen(true);
        }}
      >
        Add a copy
      </Key>
    );
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
          <TextField label="code" text={code} onText={setCode} problem={problem('code')} />
        </Box>
        <Box w="150px">
          <TextField label="place" text={place} onText={setPlace} />
        </Box>
        <Box w="130px">
          <TextField
            label="casts before"
            text={before}
            onText={setBefore}
            problem={problem('castsBefore')}
          />
        </Box>
        <Flex pb="20px" gap={3}>
          <Key main type="submit" busy={add.isPending}>
            Add it
          </Key>
          <Key onClick={() => setOpen(false)}>Leave it</Key>
        </Flex>
      </Flex>
      {add.error && !problem('code') && !problem('castsBefore') && (
        <Text role="alert" color="oxide" fontWeight={600}>
          {messageOf(add.error)}
        </Text>
      )}
    </form>
  );
}
