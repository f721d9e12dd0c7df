import { Chart, useChart } from '@chakra-ui/charts';
import { Bar, BarChart, CartesianGrid, XAxis, YAxis } from 'recharts';

interface Props {
  label: string;
  unit: string;
  rows: Record<string, string | number>[];
  series: (readonly [string, string])[];
}

const ROW_PX = 34;

/** Lying bars, a row each; what they show stands beside them as a table to keep. */
export default function Bars({ label, unit, rows, series }: Props) {
  const chart = useChart({
    data: rows,
    series: series.map(([name, color]) => ({ name, color })),
  });
  return (
    <Chart.Root
      chart={chart}
      role="img"
      aria-label={label}
      style={{ height: `${rows.length * ROW_PX + 40}px`, aspectRatio: 'auto' }}
    >
      <BarChart data={chart.data} layout="vertical" responsive margin={{ right: 30 }}>
        <CartesianGrid stroke={chart.color('rule')} horizontal={false} />
        <XAxis type="number" unit={unit} stroke={chart.color('quiet')} />
        <YAxis type="category" dataKey="name" width={250} stroke={chart.color('ink')} />
        {chart.series.map((s) => (
          <Bar
            key={String(s.name)}
            dataKey={String(s.name)}
            stackId="one"
            fill={chart.color(s.color)}
            isAnimationActive={false}
          />
        ))}
      </BarChart>
    </Chart.Root>
  );
}
