import { Chart, useChart } from '@chakra-ui/charts';
import { CartesianGrid, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts';
import type { StrengthView } from '../server/usePiece';

const TICKS = [1, 3, 6, 12, 24, 72, 168, 672];
const HOURS_28_D = 672;

function tick(hours: number): string {
  return hours < 24 ? `${hours} h` : `${hours / 24} d`;
}

/** What stands at a line: marks at nearly one age share it. */
export function marksOf(strength: StrengthView): { ageH: number; label: string }[] {
  const marks = [
    ...strength.marks.map((m) => ({ ageH: m.ageH, label: m.name })),
    { ageH: HOURS_28_D, label: '28 d' },
  ].sort((a, b) => a.ageH - b.ageH);
  const shared: { ageH: number; label: string }[] = [];
  for (const mark of marks) {
    const before = shared[shared.length - 1];
    if (before && mark.ageH / before.ageH < 1.1) {
      before.label = `${before.label}, ${mark.label}`;
    } else {
      shared.push({ ...mark });
    }
  }
  return shared;
}

/** The share of 28-day strength over equivalent age, with the marks of its life. */
export default function StrengthChart({ strength }: { strength: StrengthView }) {
  const chart = useChart({
    data: strength.curve.map((p) => ({ ageH: p.ageH, share: p.share * 100 })),
    series: [{ name: 'share', color: 'moss' }],
  });
  return (
    <Chart.Root maxH="300px" chart={chart} role="img" aria-label="Share of 28-day strength by age">
      <LineChart data={chart.data} responsive margin={{ top: 28, right: 50 }}>
        <CartesianGrid stroke={chart.color('rule')} vertical={false} />
        <XAxis
          dataKey="ageH"
          type="number"
          scale="log"
          domain={[1, Math.max(HOURS_28_D, strength.ageH)]}
          ticks={TICKS}
          tickFormatter={tick}
          stroke={chart.color('quiet')}
        />
        <YAxis unit=" %" width={56} domain={[0, 100]} stroke={chart.color('quiet')} />
        {marksOf(strength).map((m, i) => (
          <ReferenceLine
            key={m.label}
            x={Math.max(1, m.ageH)}
            stroke={chart.color('steel')}
            strokeDasharray="4 4"
            label={{
              value: m.label,
              position: 'top',
              dy: m.ageH === HOURS_28_D ? -4 : (i % 3) * 15 - 4,
            }}
          />
        ))}
        {strength.ageH >= 1 && (
          <ReferenceLine
            x={strength.ageH}
            stroke={chart.color('ink')}
            strokeWidth={2}
            label={{ value: 'now', position: 'insideBottomRight' }}
          />
        )}
        <Line
          dataKey="share"
          stroke={chart.color('moss')}
          strokeWidth={3}
          dot={false}
          isAnimationActive={false}
        />
      </LineChart>
    </Chart.Root>
  );
}
