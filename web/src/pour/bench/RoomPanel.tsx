import { Box, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { benchMass, stopMass } from '../../kit/style/bench';
import { plural } from '../../kit/format';
import { TextField } from '../../kit/TextField';
import type { What } from '../script/facts';
import { addedCopies } from './acts';
import { Option } from './Option';
import { useRoom } from './useRoom';
import type { Bench } from '../words';

/** So many moulds are shown before one is searched for. */
const SHOWN = 4;

interface Props {
  bench: Bench;
  onNote: (whats: What[]) => void;
}

/** Free moulds for what is left in the bowls; those that it fills best come first. */
export function RoomPanel({ bench, onNote }: Props) {
  const [search, setSearch] = useState('');
  const { data } = useRoom(bench.session.id);
  const leftKg = bench.state.bowl.leftKg;
  const found = (data ?? []).filter((m) =>
    `${m.mould} ${m.product}`.toLowerCase().includes(search.toLowerCase()),
  );
  return (
    <Box maxW="720px">
      <Text fontSize="26px" mb={3}>
        About {benchMass(Math.max(0, leftKg))} {leftKg > 0 ? 'are left' : 'is left'}.
        {data?.length === 0 &&
          ' No mould is free for it. Never the drain: let it set, and it is rubble.'}
      </Text>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap={2}>
        {found.slice(0, SHOWN).map((m) => {
          const count = Math.max(1, m.fill);
          return (
            <Option
              key={m.mouldId}
              title={m.fill > 1 ? `${plural(count, m.mould)}` : `${m.mould} ${m.copies[0]}`}
              words={`${m.kg > 0 ? `${stopMass(m.kg)} each, ` : ''}becomes ${m.product}${m.fill > 0 ? ', fits what is left' : m.kg > leftKg ? ', takes more than is left' : ''}`}
              onClick={() => onNote(addedCopies(m, count))}
            />
          );
        })}
      </Grid>
      {(data?.length ?? 0) > SHOWN && (
        <Box mt={3} maxW="320px">
          <TextField label="another mould" text={search} onText={setSearch} />
        </Box>
      )}
    </Box>
  );
}
