import { Box } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { Bench } from './Bench';
import { useSheet, wantedOf } from './usePour';

/** The pour sheet at the bench: dark, full screen, one thing at a time. */
export function SheetPage() {
  useTitle('Pour sheet');
  const [params] = useSearchParams();
  const wanted = wantedOf(params);
  const { data, error, refetch } = useSheet(wanted, true);
  return (
    <Box className="dark" minH="100vh" bg="ground" color="ink">
      {error && !data && (
        <Box p={8}>
          <Failed whole error={error} retry={() => void refetch()} />
        </Box>
      )}
      {!data && !error && (
        <Box p={8}>
          <Loading what="the pour sheet" />
        </Box>
      )}
      {data && <Bench sheet={data} wanted={wanted} />}
    </Box>
  );
}
