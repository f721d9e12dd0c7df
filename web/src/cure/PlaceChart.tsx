import { Chart, useChart } from '@chakra-ui/charts';
import { CartesianGrid, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts';
import { hourAt, moment } from '../kit/style/time';
import { temperature } from '../kit/style/units';
import type { Place } from '../server/useTemperatures';

const HOUR = 3_600_000;
const BACK_H = 48;
const AHEAD_H = 24;

/** What was read, and what is usual, hour by hour, into tomorrow. */
export function pointsOf(place: Place, now: number) {
  const usual = (at: number) => place.usualC[hourAt(at)];
  const points: { at: number; read?: number; usual?: number | undefined }[] = [];
  const start = Math.ceil((now - BACK_H * HOUR) / HOUR) * HOUR;
  for (let at = start; at < now + AHEAD_H * HOUR; at += HOUR) {
    points.push({ at, usual: usual(at) });
  }
  for (const reading of place.said) {
    const at = Date.parse(reading.at);
    points.push({ at, read: reading.celsius, usual: usual(at) });
  }
  return points.sort((a, b) => a.at - b.at);
}

/** Midnights and noons between two moments, by the shop's clock. */
function halfDays(from: number, to: number): number[] {
  const all: number[] = [];
  for (let at = Math.ceil(from / HOUR) * HOUR; at < to; at += HOUR) {
    if (hourAt(at) % 12 === 0) {
      all.push(at);
    }
  }
  return all;
}

export default function PlaceChart({ place, now }: { place: Place; now: number }) {
  const minute = Math.floor(now / 60_000) * 60_000;
  const chart = useChart({
    data: pointsOf(place, minute),
    series: [
      { name: 'usual', color: 'steel' },
      { name: 'read', color: 'bath' },
    ],
  });
  const ticks = halfDays(minute - BACK_H * HOUR, minute + AHEAD_H * HOUR);
  return (
    <Chart.Root maxH="260px" chart={chart} role="img" aria-label={`Temperatures, ${place.name}`}>
      <LineChart data={chart.data} responsive margin={{ top: 14, right: 20 }}>
        <CartesianGrid stroke={chart.color('rule')} vertical={false} />
        <XAxis
          dataKey="at"
          type="number"
          domain={[minute - BACK_H * HOUR, minute + AHEAD_H * HOUR]}
          ticks={ticks}
          tickFormatter={(at: number) => moment(at, minute)}
          stroke={chart.color('quiet')}
        />
        <YAxis
          tickFormatter={(celsius: number) => temperature(celsius)}
          width={64}
          stroke={chart.color('quiet')}
          domain={['auto', 'auto']}
        />
        <ReferenceLine
          x={minute}
          stroke={chart.color('ink')}
          strokeWidth={2}
          label={{ value: 'now', position: 'insideTopLeft' }}
        />
        <Line
          dataKey="usual"
          type="stepAfter"
          stroke={chart.color('steel')}
          strokeDasharray="5 4"
          dot={false}
          isAnimationActive={false}
        />
        <Line
          dataKey="read"
          stroke={chart.color('bath')}
          strokeWidth={2}
          dot={false}
          isAnimationActive={false}
          connectNulls
        />
      </LineChart>
    </Chart.Root>
  );
}
