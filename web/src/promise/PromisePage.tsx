import { Box, Grid, Text } from '@chakra-ui/react';
import { useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';
import { LinkKey } from '../kit/Tabs';
import { Loading } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useTitle } from '../kit/useTitle';
import { GoodsChoice } from '../product/choice/GoodsChoice';
import { PromisePanel } from './PromisePanel';
import { Chance } from './Chance';
import { useChance, usePromise } from '../server/usePromise';
import { Wrong } from '../kit/Wrong';

/** "When could I have twelve of these?" */
export function PromisePage() {
  useTitle('Promise');
  const [params, setParams] = useSearchParams();
  const goods = params.get('goods') ?? '';
  const quantity = params.get('quantity') ?? '12';
  const [productId = 0, colourwayId = 0] = goods.split('-').map(Number);
  const lines =
    productId && Number(quantity) > 0
      ? [{ productId, colourwayId, quantity: Math.round(Number(quantity)) }]
      : [];
  const { data, error, isFetching } = usePromise(lines);
  const chance = useChance(data ? lines[0] : undefined);
  // The address follows a moment later: who types on at once must not lose what was chosen before.
  const asked = useRef({ goods, quantity });
  useEffect(() => {
    asked.current = { goods, quantity };
  }, [goods, quantity]);
  const set = (changed: Partial<typeof asked.current>) => {
    asked.current = { ...asked.current, ...changed };
    setParams(asked.current, { replace: true });
  };
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="900px">
      <Text as="h1" textStyle="title" mb={3}>
        When can we deliver?
      </Text>
      <Grid templateColumns={{ base: '1fr', md: '2fr 1fr' }} columnGap={4}>
        <GoodsChoice label="product" value={goods} onValue={(g) => set({ goods: g })} />
        <TextField label="how many" text={quantity} onText={(q) => set({ quantity: q })} />
      </Grid>
      {lines.length > 0 && <Wrong error={error} />}
      {isFetching && !data && <Loading what="the date" />}
      {!isFetching && lines.length === 0 && (
        <Text color="quiet">Choose a product in a colourway, and say how many.</Text>
      )}
      {data && lines.length > 0 && (
        <Box aria-busy={isFetching} fontStyle={isFetching ? 'italic' : 'normal'}>
          <PromisePanel promise={data}>
            <LinkKey
              main
              to={`/orders/new?goods=${goods}&quantity=${quantity}&due=${data.nineOfTen}&quote=1`}
            >
              Make it a quote
            </LinkKey>
          </PromisePanel>
          {chance.data && <Chance view={chance.data} />}
        </Box>
      )}
    </Box>
  );
}
