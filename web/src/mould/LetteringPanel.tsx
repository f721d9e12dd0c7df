import { Box, Flex, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf } from '../api/client';
import { TextField } from '../kit/TextField';
import { MeasureField } from '../kit/MeasureField';
import { bareEntry } from '../kit/style/entry';
import { valueIn } from '../kit/style/read';
import { isUs } from '../kit/style/style';
import { length } from '../kit/style/units';

const KEY = 'ironshelf.letters';
const USUAL = 'AABBCCDDEEEEFFGGHHIIJKLLMMNNOOPPQRRSSTTUUVWXYZ';

/** Whether a word can be set on this stone from the shop’s stamps. */
export function LetteringPanel({ widthMm }: { widthMm: number }) {
  const [text, setText] = useState('');
  const [set, setSet] = useState(() => localStorage.getItem(KEY) ?? USUAL);
  const [letter, setLetter] = useState(() => bareEntry(isUs() ? 25.4 : 25, 'length'));
  const number = valueIn(letter, 'length') ?? 0;
  const { data } = useQuery({
    queryKey: ['lettering', text, set, letter, widthMm],
    enabled: text.trim() !== '' && set.trim() !== '' && number > 0,
    queryFn: () =>
      dataOf(
        client.POST('/api/calc/lettering', {
          body: { text, set, letterMm: number, gapMm: number / 5, widthMm },
        }),
      ),
  });
  const missing = Object.entries(data?.missing ?? {});
  return (
    <Box as="section" aria-label="Lettering" mt={7}>
      <Text as="h2" textStyle="name" mb={1}>
        Lettering
      </Text>
      <Flex gap={3} wrap="wrap">
        <Box w="220px">
          <TextField label="to be stamped" text={text} onText={setText} />
        </Box>
        <Box w="130px">
          <MeasureField label="letter height" measure="length" text={letter} onText={setLetter} />
        </Box>
        <Box flex={1} minW="260px">
          <TextField
            label="the stamps of the set"
            text={set}
            onText={(stamps) => {
              setSet(stamps);
              localStorage.setItem(KEY, stamps);
            }}
          />
        </Box>
      </Flex>
      {data && (
        <Text fontWeight={600} color={data.fits ? 'moss' : 'oxide'}>
          {data.fits ? 'It can be set' : 'It cannot be set'}: {length(data.lineMm)} of{' '}
          {length(widthMm)}
          {missing.length > 0 &&
            `; missing ${missing.map(([l, n]) => (n > 1 ? `${n} × ${l}` : l)).join(', ')}`}
          .
        </Text>
      )}
      <Text textStyle="small" color="quiet">
        Stamp-grade mix only: damp and firm, an impression stays. Dust each stamp, press once.
      </Text>
    </Box>
  );
}
