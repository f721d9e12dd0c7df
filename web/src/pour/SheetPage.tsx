import { Box } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { Bench } from './Bench';
import { useSheet } from './usePour';

/** The pour sheet at the bench: dark, full screen, one thing at a time. */
export function SheetPage() {
  useTitle('Pour sheet');
  const [params] = useSearchParams();
  const line = params.get('line');
  const wanted = {
    productId: Number(params.get('product')),
    colourwayId: Number(params.get('colourway')),
    copyIds: (params.get('copies') ?? '').split('.').map(Number).filter(Boolean),
  };
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
      {data && <Bench sheet={data} {...(line && { lineId: Number(line) })} />}
    </Box>
  );
}
