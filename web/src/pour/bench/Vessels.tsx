import { Box, Grid, Text } from '@chakra-ui/react';
import { SectionDrawing } from '../../kit/SectionDrawing';
import { benchMass, stopMass } from '../../kit/style/bench';
import { mass } from '../../kit/style/units';
import { useMoulds } from '../../server/useMoulds';
import type { Step } from '../script/facts';
import { BowlDrawing } from './BowlDrawing';
import type { Bench } from '../words';

/** So many are drawn large. */
const LARGE = 4;

interface Props {
  bench: Bench;
  at: Step;
  /** Of what is asked now, how much lies on the scale, 0 to 1. */
  weighing: number;
}

/** The copies at hand as they fill, and the bowl with what went in and out. */
export function Vessels({ bench, at, weighing }: Props) {
  const { state, sheet } = bench;
  const { data: moulds } = useMoulds();
  const ofBatch = new Set(
    state.steps.filter((s) => s.kind === 'fill' && s.batch === at.batch).map((s) => s.about),
  );
  const copies = state.copies.filter(
    (c) => (at.batch === undefined || ofBatch.has(c.copy)) && c.leftOut === undefined,
  );
  const swatch = sheet.layers.at(-1)?.colourway.swatch ?? 'var(--chakra-colors-steel)';
  const sectionOf = (code: string) =>
    sheet.fills.find((f) => f.copies.some((c) => c.copy.code === code))?.section ??
    moulds?.items.find((m) => m.copies.some((c) => c.code === code))?.section;
  const holdDown = sheet.fills.filter((f) => f.holdDownKg > 0);
  const large = copies.length <= LARGE;
  const batch = state.batches.find((b) => b.batch === at.batch) ?? state.batches[0];
  return (
    <Box display={{ base: 'none', lg: 'block' }} aria-label="Moulds and bowl" as="section">
      {holdDown.map((f) => (
        <Text key={f.mould} textStyle="label" fontSize="20px" textAlign="center">
          {mass(f.holdDownKg)} on the core{holdDown.length > 1 ? ` of ${f.mould}` : ''} ↓
        </Text>
      ))}
      <Grid
        templateColumns={copies.length === 1 ? '1fr' : large ? '1fr 1fr' : 'repeat(4, 1fr)'}
        columnGap={3}
        rowGap={3}
        maxH="calc(100vh - 380px)"
        overflowY="auto"
      >
        {copies.map((copy) => {
          const section = sectionOf(copy.copy);
          const here = at.kind === 'fill' && at.about === copy.copy;
          const whole = bench.session.meant.sheet.copies.find((c) => c.key === copy.copy);
          const share =
            copy.fill === 'full' ? 1 : whole && whole.litres > 0 ? copy.litres / whole.litres : 0;
          return (
            <Box key={copy.copy} textAlign="center">
              <Box h={large ? (copies.length <= 2 ? '190px' : '130px') : '62px'}>
                {section && (
                  <SectionDrawing
                    section={section}
                    filled={share}
                    swatch={swatch}
                    title={`${copy.copy}, ${copy.fill}`}
                  />
                )}
              </Box>
              <Text
                textStyle="label"
                fontSize="20px"
                color={copy.fill === 'full' ? 'moss' : copy.fill === 'part' ? 'oxide' : 'ink'}
                textDecoration={here ? 'underline' : undefined}
              >
                {copy.copy}
              </Text>
              {large && (
                <Text textStyle="small" color="quiet">
                  {copy.fill === 'empty' ? 'empty' : `${copy.fill} · ${stopMass(copy.kg)}`}
                </Text>
              )}
            </Box>
          );
        })}
      </Grid>
      <BowlDrawing
        level={bowlLevel(bench, at, weighing, batch?.leftKg ?? 0)}
        swatch={swatch}
        words={bowlWords(bench)}
      />
    </Box>
  );
}

/** How full the bowl at hand is, 0 to 1. */
function bowlLevel({ state }: Bench, at: Step, weighing: number, leftKg: number): number {
  const batch = state.batches.find((b) => b.batch === at.batch);
  if (!batch) {
    return 0;
  }
  if (at.kind === 'weigh') {
    const before = state.steps
      .slice(0, state.steps.indexOf(at))
      .filter((s) => s.batch === at.batch && s.kind === 'weigh')
      .at(-1);
    const from = before?.bowl ?? 0;
    return from + weighing * (at.bowl - from);
  }
  return batch.inKg > 0 ? leftKg / batch.inKg : at.kind === 'wet' ? at.bowl : 0;
}

function bowlWords({ state }: Bench): string {
  const { inKg, outKg, leftKg, thrownKg, unaccountedKg } = state.bowl;
  if (inKg <= 0) {
    return 'nothing in the bowl yet';
  }
  const parts = [`in ${benchMass(inKg)}`, `out ${benchMass(outKg)}`];
  if (thrownKg > 0) {
    parts.push(`thrown ${benchMass(thrownKg)}`);
  }
  parts.push(
    Math.abs(unaccountedKg) > 0.0005 * inKg && leftKg <= 0
      ? `clinging ${benchMass(unaccountedKg)}?`
      : `left ${benchMass(leftKg)}`,
  );
  return parts.join(' · ');
}
