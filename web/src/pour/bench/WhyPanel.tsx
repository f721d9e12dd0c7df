import { Box, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { TextField } from '../../kit/TextField';
import { Key } from '../../kit/States';
import type { What } from '../script/facts';
import { Option } from './Option';
import { questionOf, REASONS, type Reasoned } from './panels';

interface Props {
  what: Reasoned;
  onNote: (whats: What[]) => void;
}

/** A reason in one press, or in one's own words. */
export function WhyPanel({ what, onNote }: Props) {
  const [own, setOwn] = useState('');
  return (
    <>
      <Text as="h2" textStyle="title" fontSize="40px" mb={4} tabIndex={-1}>
        {questionOf(what)}
      </Text>
      <Grid templateColumns="1fr 1fr" gap={2} maxW="620px">
        {REASONS[what.kind].map((why) => (
          <Option key={why} title={why} onClick={() => onNote([{ ...what, why }])} />
        ))}
      </Grid>
      <Box
        as="form"
        maxW="620px"
        mt={4}
        onSubmit={(e) => {
          e.preventDefault();
          if (own.trim()) {
            onNote([{ ...what, why: own.trim() }]);
          }
        }}
      >
        <TextField label="or in your own words" text={own} onText={setOwn} />
        <Box mt={3}>
          <Key type="submit" disabled={!own.trim()}>
            That is why
          </Key>
        </Box>
      </Box>
    </>
  );
}
