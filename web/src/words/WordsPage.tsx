import { Box, Grid, Text } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { Empty } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useTitle } from '../kit/useTitle';
import { type Word, WORDS } from '../kit/words';

const ALL = Object.entries(WORDS) as [Word, string][];

/** What each trade word means here. */
export function WordsPage() {
  useTitle('What the words mean');
  const [params, setParams] = useSearchParams();
  const search = params.get('search') ?? '';
  const found = ALL.filter(([word, meaning]) =>
    `${word} ${meaning}`.toLowerCase().includes(search.toLowerCase()),
  );
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      <Text as="h1" textStyle="title">
        What the words mean
      </Text>
      <Box w="280px" mt={2}>
        <TextField
          label="word"
          text={search}
          onText={(t) => setParams(t ? { search: t } : {}, { replace: true })}
        />
      </Box>
      {found.length === 0 && <Empty title="No such word here">Try a shorter one.</Empty>}
      <Grid as="dl" templateColumns={{ base: '1fr', md: '1fr 1fr' }} columnGap={9}>
        {found.map(([word, meaning]) => (
          <Box
            key={word}
            id={word.replace(/ /g, '-')}
            borderTop="1px solid"
            borderColor="rule"
            py={2}
          >
            <Text as="dt" textStyle="name">
              {word}
            </Text>
            <Text as="dd">{meaning}</Text>
          </Box>
        ))}
      </Grid>
    </Box>
  );
}
