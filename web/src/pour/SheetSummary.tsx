import { Box, Grid, Text } from '@chakra-ui/react';
import { Fragment } from 'react';
import { bagsAnd, benchMass, waterVolume } from '../kit/style/bench';
import { plural } from '../kit/format';
import { moment } from '../kit/style/time';
import { useNow } from '../server/useWorkshop';
import type { Sheet } from '../server/usePour';
import { mass, volume } from '../kit/style/units';

type Layer = Sheet['layers'][number];

/** What a pour takes, said before any table. */
export function SheetSummary({ sheet }: { sheet: Sheet }) {
  const now = useNow();
  const holds = sheet.fills.filter((f) => f.holdDownKg > 0);
  const litres = sheet.layers.reduce((sum, l) => sum + l.yieldL, 0);
  return (
    <Box mt={5} maxW="700px">
      <Text color="quiet">
        {volume(litres)} with waste, in {plural(sheet.batches.length, 'mix')} ·{' '}
        {sheet.workingMin.toFixed(0)} minutes from wetting
        {holds.length > 0 &&
          ` · ${holds.map((f) => `${mass(f.holdDownKg)} on each core${holds.length > 1 ? ` of ${f.mould}` : ''}`).join(', ')}`}{' '}
        · out about {moment(Date.parse(sheet.readyAt), now)}
      </Text>
      {sheet.layers.map((layer) => (
        <LayerSummary key={layer.name} layer={layer} named={sheet.layers.length > 1} />
      ))}
      {shortOf(sheet).map(([name, stockKg]) => (
        <Text key={name} color="oxide" fontWeight={600} mt={2}>
          {name} is short: {benchMass(stockKg)} left.
        </Text>
      ))}
      {sheet.warnings.map((w) => (
        <Text key={w.message} color="ochre" fontWeight={600} mt={2}>
          {w.message}
        </Text>
      ))}
    </Box>
  );
}

function LayerSummary({ layer, named }: { layer: Layer; named: boolean }) {
  const said = layer.lines
    .filter((l) => l.role !== 'water')
    .map((l) => `${bagsAnd(l.massKg, l.bags)} of ${l.name.toLowerCase()}`)
    .join(', ');
  return (
    <Box mt={3}>
      <Text fontSize="20px" fontWeight={600}>
        {named && `${layer.name}, ${layer.colourway.name.toLowerCase()}, ${layer.sharePercent} %: `}
        {said}, water {benchMass(layer.water.leastKg)} ({waterVolume(layer.water.leastKg)}) to
        start.
      </Text>
      <Grid templateColumns="1fr auto auto auto" columnGap={6} rowGap={1} mt={2}>
        {['', 'weigh', 'level scoops', 'in stock'].map((h) => (
          <Text key={h} textStyle="small" color="quiet" textAlign={h ? 'right' : 'left'}>
            {h}
          </Text>
        ))}
        {layer.lines.map((l) => (
          <Fragment key={l.materialId}>
            <Text>{l.name}</Text>
            <Text textStyle="label" textAlign="right">
              {benchMass(l.massKg)}
            </Text>
            <Text textStyle="label" textAlign="right" color="quiet">
              {scoops(l)}
            </Text>
            <Text textStyle="label" textAlign="right" color="quiet">
              {l.stockKg === undefined ? 'tap' : benchMass(Number(l.stockKg))}
            </Text>
          </Fragment>
        ))}
      </Grid>
      <Text textStyle="small" color="quiet" mt={2}>
        Water {benchMass(layer.water.leastKg)} to {benchMass(layer.water.mostKg)}, aim{' '}
        {benchMass(layer.water.targetKg)}: adding is easy, taking out is not.
      </Text>
    </Box>
  );
}

function scoops(line: Layer['lines'][number]): string {
  if (line.bottle && line.bags !== undefined) {
    return `${line.bags.toFixed(2)} bottles`;
  }
  if (line.spoons !== undefined) {
    return `${line.spoons.toFixed(1)} spoons`;
  }
  return line.scoops === undefined ? '–' : line.scoops.toFixed(2);
}

/** What the lots do not hold, all layers together. */
function shortOf(sheet: Sheet): [string, number][] {
  const asked = new Map<string, { kg: number; stockKg: number }>();
  for (const line of sheet.layers.flatMap((l) => l.lines)) {
    if (line.stockKg !== undefined) {
      const kg = (asked.get(line.name)?.kg ?? 0) + line.massKg;
      asked.set(line.name, { kg, stockKg: Number(line.stockKg) });
    }
  }
  return [...asked].filter(([, a]) => a.stockKg < a.kg).map(([name, a]) => [name, a.stockKg]);
}
