import { Box, Flex, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf, messageOf, type Schemas } from '../api/client';
import { benchMass } from '../kit/style/bench';
import { numberIn } from '../kit/format';
import { Choice } from '../kit/Choice';
import { Caution } from '../kit/States';
import { TextField } from '../kit/TextField';
import { PotThermometer } from './PotThermometer';
import { length, volume } from '../kit/style/units';
import { KeepWax } from './KeepWax';
import { ForOwners } from '../kit/ForOwners';
import { keyOf } from '../server/keys';

type Convention = NonNullable<Schemas['WaxRequest']['convention']>;

/** Scented wax for vessels: how much, of what, and how warm. */
export function WaxPanel({
  containerL,
  pieces,
  productId,
}: {
  containerL: number;
  pieces: number;
  productId?: number;
}) {
  const [headspace, setHeadspace] = useState('10');
  const [fragrance, setFragrance] = useState('6');
  const [convention, setConvention] = useState<Convention>('ofWax');
  const { data, error } = useQuery({
    queryKey: keyOf('wax', containerL, headspace, fragrance, convention, pieces),
    queryFn: () =>
      dataOf(
        client.POST('/api/calc/wax-fill', {
          params: { query: { pieces } },
          body: {
            containerL,
            headspacePercent: numberIn(headspace),
            fragrancePercent: numberIn(fragrance),
            convention,
          },
        }),
      ),
  });
  const fill = data?.each;
  return (
    <Box as="section" aria-label="Wax" mb={3}>
      <Flex gap={3} wrap="wrap">
        <Box w="180px">
          <TextField label="left empty at the top, %" text={headspace} onText={setHeadspace} />
        </Box>
        <Box w="130px">
          <TextField label="fragrance, %" text={fragrance} onText={setFragrance} />
        </Box>
        <Box w="190px">
          <Choice
            label="percent of"
            value={convention}
            options={[['ofWax', 'the wax'] as const, ['ofTotal', 'wax and fragrance'] as const]}
            onValue={setConvention}
          />
        </Box>
      </Flex>
      {error && <Text color="oxide">{messageOf(error)}</Text>}
      {data && fill && (
        <>
          <Text fontSize="20px" fontWeight={600}>
            {benchMass(data.all.waxKg)} wax and {benchMass(data.all.fragranceKg)} fragrance for{' '}
            {pieces}
          </Text>
          <Text color="quiet" mb={2}>
            each {benchMass(fill.totalKg)} in {volume(fill.fillL)}; fragrance is{' '}
            {fill.ofWaxPercent.toFixed(1)} % of the wax, {fill.ofTotalPercent.toFixed(1)} % of the
            total
          </Text>
          <PotThermometer steps={fill.steps} />
        </>
      )}
      {productId !== undefined && (
        <ForOwners>
          <KeepWax
            productId={productId}
            fill={{
              containerL,
              headspacePercent: numberIn(headspace),
              fragrancePercent: numberIn(fragrance),
              convention,
            }}
          />
        </ForOwners>
      )}
      <Text mt={2}>When it has set: wick straight, trimmed to {length(6.35)}.</Text>
      <Caution
        line="Hot wax burns: thermometer, no flame, ventilation, never alone on the heat."
        more="The wax’s and the fragrance’s data sheets say how much and how hot. A vessel must be sealed inside and tested before a flame stands in it."
      />
    </Box>
  );
}
