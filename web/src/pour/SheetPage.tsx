import { Box, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { numberIn } from '../kit/format';
import { Awaited } from '../kit/States';
import { NothingChosen } from './NothingChosen';
import { useTitle } from '../kit/useTitle';
import { titleOf } from './words';
import { Cooling } from './Cooling';
import { PourStart } from './PourStart';
import { SheetSummary } from './SheetSummary';
import { isChosen, useSheet, wantedOf } from '../server/usePour';

/** The sheet of a pour that is not begun: what it takes, and the way to the bench. */
export function SheetPage() {
  useTitle('Pour sheet');
  const [params] = useSearchParams();
  const [minutes, setMinutes] = useState('');
  const minutesWanted = numberIn(minutes);
  const wanted = {
    ...wantedOf(params),
    ...(minutesWanted > 0 && { minutesWanted }),
  };
  const { data, error, refetch } = useSheet(wanted);
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1000px">
      {!data && !isChosen(wanted) && <NothingChosen />}
      {!data && isChosen(wanted) && (
        <Awaited what="the pour sheet" error={error} retry={() => void refetch()} />
      )}
      {data && (
        <>
          <Text as="h1" textStyle="title">
            {titleOf(data)}
          </Text>
          <Text color="quiet">
            {data.fills
              .map((f) => `${f.mould}: ${f.copies.map((c) => c.copy.code).join(' ')}`)
              .join(' · ')}
          </Text>
          <PourStart wanted={wanted} sheet={data} />
          <SheetSummary sheet={data} />
          <Cooling sheet={data} minutes={minutes} onMinutes={setMinutes} />
        </>
      )}
    </Box>
  );
}
