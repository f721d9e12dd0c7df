import { Box, Grid, Text } from '@chakra-ui/react';
import { Fragment } from 'react';
import { bagsAnd, benchMass, clock, plural } from '../kit/format';
import type { Sheet } from './usePour';

/** What a pour takes, said before any table. */
export function SheetSummary({ sheet }: { sheet: Sheet }) {
  const said = sheet.lines
    .filter((l) => l.role !== 'water')
    .map((l) => `${bagsAnd(l.massKg, l.bags)} of ${l.name.toLowerCase()}`)
    .join(', ');
  const short = sheet.lines.filter((l) => l.stockKg !== undefined && Number(l.stockKg) < l.massKg);
  return (
    <Box mt={5} maxW="700px">
      <Text fontSize="20px" fontWeight={600}>
        {said}, water {benchMass(sheet.water.leastKg)} to start, in{' '}
        {plural(sheet.batches.length, 'mix', 'mixes')}.
      </Text>
      <Text color="quiet" mt={1}>
        {sheet.yieldL.toFixed(2)} L with waste · {sheet.workingMin.toFixed(0)} minutes from wetting
        {sheet.holdDownKg > 0 && ` · ${sheet.holdDownKg.toFixed(1)} kg on each core`} · out about{' '}
        {clock(Date.parse(sheet.readyAt))}
      </Text>
      <Grid templateColumns="1fr auto auto auto" columnGap={6} rowGap={1} mt={4}>
        {['', 'weigh', 'level scoops', 'in stock'].map((h) => (
          <Text key={h} textStyle="small" color="quiet" textAlign={h ? 'right' : 'left'}>
            {h}
          </Text>
        ))}
        {sheet.lines.map((l) => (
          <Fragment key={l.materialId}>
            <Text>{l.name}</Text>
            <Text textStyle="label" textAlign="right">
              {benchMass(l.massKg)}
            </Text>
            <Text textStyle="label" textAlign="right" color="quiet">
              {l.scoops === undefined ? '–' : l.scoops.toFixed(2)}
            </Text>
            <Text textStyle="label" textAlign="right" color="quiet">
              {l.stockKg === undefined ? 'tap' : benchMass(Number(l.stockKg))}
            </Text>
          </Fragment>
        ))}
      </Grid>
      <Text textStyle="small" color="quiet" mt={2}>
        Water {benchMass(sheet.water.leastKg)} to {benchMass(sheet.water.mostKg)}, aim{' '}
        {benchMass(sheet.water.targetKg)}: adding is easy, taking out is not.
      </Text>
      {short.map((l) => (
        <Text key={l.materialId} color="oxide" fontWeight={600} mt={2}>
          {l.name} is short: {benchMass(Number(l.stockKg))} left.
        </Text>
      ))}
      {sheet.warnings.map((w) => (
        <Text key={w.code} color="ochre" fontWeight={600} mt={2}>
          {w.message}
        </Text>
      ))}
    </Box>
  );
}
