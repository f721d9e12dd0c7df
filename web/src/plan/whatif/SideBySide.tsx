import { Box, Grid, Text } from '@chakra-ui/react';
import { plural } from '../../kit/format';
import { money } from '../../kit/style/money';
import { day } from '../../kit/style/time';
import type { WhatIfView } from '../../server/useWhatIf';

/** The plan as it is and as it would be, in figures; what it costs and what it brings. */
export function SideBySide({ trial }: { trial: WhatIfView }) {
  const { before, after } = trial;
  const rows: [string, string, string][] = [
    ['late', late(before.lateLines, before.lateDays), late(after.lateLines, after.lateDays)],
    ['mixes', String(before.mixes), String(after.mixes)],
    ['mixing and filling', hours(before.mixMin), hours(after.mixMin)],
    ['grinding what came out late', hours(before.lateWorkMin), hours(after.lateWorkMin)],
    ['all is ready', ready(before.lastReady), ready(after.lastReady)],
  ];
  return (
    <Box as="section" aria-label="Side by side" borderTop="4px solid" borderColor="steel">
      <Grid templateColumns="190px 1fr 1fr" columnGap={5} rowGap={2} py={3}>
        <span />
        <Text textStyle="label">as it is</Text>
        <Text textStyle="label">as it would be</Text>
        {rows.map(([what, was, is]) => (
          <Row key={what} what={what} was={was} is={is} />
        ))}
      </Grid>
      {trial.inTent.length > 0 && <Text>In the tent: {trial.inTent.join(', ')}.</Text>}
      {worth(trial).map((line) => (
        <Text key={line}>{line}</Text>
      ))}
    </Box>
  );
}

function Row({ what, was, is }: { what: string; was: string; is: string }) {
  return (
    <>
      <Text color="quiet">{what}</Text>
      <Text>{was}</Text>
      <Text fontWeight={was === is ? 400 : 700}>{is}</Text>
    </>
  );
}

/** What it costs against what it brings. */
function worth({ copiesCost, piecesToPay, savedMin, savedWorth }: WhatIfView): string[] {
  const lines: string[] = [];
  if (copiesCost !== undefined) {
    lines.push(
      `The copies cost ${money(copiesCost)}${
        piecesToPay === undefined
          ? '.'
          : `: what ${plural(piecesToPay, 'piece')} of them sell for, work and material not counted.`
      }`,
    );
  }
  if (savedMin > 0 && savedWorth !== undefined) {
    lines.push(
      `${hours(savedMin)} less work in this plan, worth ${money(savedWorth)} at your rate.`,
    );
  }
  return lines;
}

function late(lines: number, days: number): string {
  return lines === 0 ? 'nothing' : `${plural(lines, 'line')}, ${plural(days, 'day')} in all`;
}

function hours(minutes: number): string {
  const h = Math.floor(minutes / 60);
  return minutes === 0 ? 'none' : h === 0 ? `${minutes} min` : `${h} h ${minutes % 60} min`;
}

function ready(date: string | undefined): string {
  return date ? day(date) : 'nothing to pour';
}
